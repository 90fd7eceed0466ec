<?php

use Database\Demo\DemoLesson;

$block = DemoLesson::block(...);

return (new DemoLesson([
    'title' => 'The height of a flagpole',
    'subject' => 'Mathematics',
    'className' => '6 Heron',
    'date' => '2026-12-02',
    'minutes' => 5,
    'pace' => 130,
    'pages' => '',
    'before' => 'Shadows that move',
    'next' => 'A poem for a sundial',
    'materials' => ['your three shadow lengths', 'squared paper'],
    'keyWords' => ['scale', 'ratio'],
    'typeface' => 'lexend',
    'aims' => [
        ['id' => 'aim-height', 'text' => 'find a height from a shadow'],
        ['id' => 'aim-ratio', 'text' => 'compare two lengths by their ratio'],
    ],
]))
    ->slide('opening', 'pole', 'The height of a flagpole', 'opening', [], [
        'Last time you measured three shadows. Today they help us to measure something that nobody can climb.',
    ], [
        $block('text', ['text' => 'How high is the flagpole, if we may not climb it?'], 1),
    ])
    ->slide('explain', 'same-sun', 'Same Sun, same ratio', 'wide-left', ['aim-ratio'], [
        'At the same moment the Sun shines on the stick and on the pole. The pole is four times as long as its stick, so its shadow is four times as long too.',
        'Together the two shadows are seven and a half metres.',
        'One part is one metre fifty.',
        '',
    ], [
        $block('figure', ['figure' => 'bar-model', 'quantities' => ['mode' => 'compare', 'by' => 'ratio', 'firstName' => 'Pole', 'secondName' => 'Stick', 'ratioFirst' => 4, 'ratioSecond' => 1, 'known' => 'total', 'amount' => '7.5', 'unit' => 'm']], 1, 'left', ['compared' => 1, 'known' => 2, 'part' => 3, 'answers' => 4]),
        $block('text', ['text' => 'The ratio is *{ratio}*.'], 1, 'right'),
    ])
    ->slide('example', 'flagpole', 'The flagpole', 'whole', ['aim-height'], [
        'The stick is one metre high and its shadow one metre fifty. The shadow of the pole is six metres long.',
        'Six divided by one point five is four. So the pole is four times as high as the stick.',
        'Four times one metre is five metres.',
    ], [
        $block('worked', ['task' => 'Stick: 1 m high, shadow 1.5 m. Pole: shadow 6 m. How high is the pole?', 'lines' => [
            ['id' => 'ratio', 'formula' => '6 m ÷ 1.5 m = 4', 'reason' => 'the pole’s shadow is 4 times as long'],
            ['id' => 'height', 'formula' => '4 × 1 m = 5 m', 'reason' => 'so the pole is 4 times as high'],
        ]], 1, 'main', ['ratio' => 2, 'height' => 3]),
    ])
    ->slide('your-turn', 'tree', 'Now you: the lime tree', 'whole', ['aim-height'], [
        'The shadow of the lime tree is nine metres long at the same time. How high is the tree?',
    ], [
        $block('question', ['type' => 'number', 'prompt' => 'A 1 m stick has a 1.5 m shadow. The lime tree’s shadow is 9 m. How high is the tree?', 'marks' => 2, 'hint' => '', 'stops' => true, 'seconds' => null, 'value' => '6', 'unit' => 'm', 'tolerance' => '0.1'], 1),
    ])
    ->document();

<?php

declare(strict_types=1);

use Database\Demo\DemoLesson;
use Daybright\Figure\ScaleReading\ScaleReading;
use Daybright\Worked\Methods\UnitChange;

$block = DemoLesson::block(...);
$figure = static fn (
    string $name,
    array $quantities,
    int $step = 1,
    string $region = 'main',
    array $reveals = [],
): array => DemoLesson::block('figure', ['figure' => $name, 'quantities' => $quantities], $step, $region, $reveals);

return (new DemoLesson([
    'title' => 'The height of a flagpole',
    'subject' => 'Mathematics',
    'className' => '6 Heron',
    'date' => '2026-12-02',
    'minutes' => 7,
    'pace' => 140,
    'pages' => '',
    'before' => 'Shadows that move',
    'next' => 'A poem for a sundial',
    'materials' => ['your three shadow lengths', 'squared paper'],
    'keyWords' => ['scale', 'ratio'],
    'typeface' => 'lexend',
    'look' => 'ember',
    'readingYear' => 6,
    'aims' => [
        ['id' => 'aim-height', 'text' => 'find a height from a shadow'],
        ['id' => 'aim-ratio', 'text' => 'compare two lengths by their ratio'],
        ['id' => 'aim-read', 'text' => 'read a scale and plot what was measured'],
    ],
    'handout' => [
        [
            'id' => 'practice-units',
            'title' => 'Change the unit of a length',
            'source' => 'worked',
            'maker' => 'units',
            'quantities' => UnitChange::blank(),
            'seed' => 19,
            'count' => 3,
        ],
        [
            'id' => 'practice-scales',
            'title' => 'Read a scale',
            'source' => 'figure',
            'maker' => 'scale-reading',
            'quantities' => ScaleReading::blank(),
            'seed' => 4,
            'count' => 2,
        ],
    ],
]))
    ->slide('opening', 'pole', 'The height of a flagpole', 'opening', [], [
        'Last time you measured three shadows. Today they help us to measure something that nobody can climb.',
    ], [
        $block('text', ['text' => 'How high is the flagpole, if we may not climb it?'], 1),
    ])
    ->slide('aims', 'who-measured', 'What the class did', 'whole', [], [
        'Here are two sets: those who measured at noon, and those who measured after school.',
        'Five of you did both. Take them away from each set and you see the rest.',
    ], [
        $figure(
            'venn',
            ['sets' => 'two', 'nameA' => 'At noon', 'nameB' => 'After school', 'total' => '26', 'A' => '16', 'B' => '12', 'AB' => '5'],
            1,
            'left',
            ['shared' => 2, 'only' => 2, 'neither' => 2],
        ),
        $block('text', ['text' => "16 measured at noon.\n12 measured after school.\n5 of them did both."], 1, 'right'),
    ])
    ->slide('explain', 'read-tape', 'Read the ruler first', 'whole', ['aim-read'], [
        'The shadow of a pencil lies along this ruler. What is one division worth?',
        'Ten divisions make one centimetre, so one division is one millimetre.',
        'The shadow is six point four centimetres long.',
    ], [
        $figure(
            'scale-reading',
            ['instrument' => 'ruler', 'from' => '0', 'to' => '10', 'labels' => 10, 'divisions' => 10, 'reading' => '6.4', 'unit' => 'cm'],
            1,
            'left',
            ['division' => 2, 'answer' => 3],
        ),
        $block('text', ['text' => 'Count the spaces between two numbers, not the lines.'], 2, 'right'),
    ])
    ->slide('explain', 'plot', 'Long stick, long shadow', 'whole', ['aim-read', 'aim-ratio'], [
        'Five sticks, five shadows, all at eleven in the morning.',
        'Every point is one stick.',
        'They lie on a straight line: twice the stick has twice the shadow.',
    ], [
        $block('table', [
            'rows' => [
                ['Stick', 'Shadow'],
                ['20 cm', '31 cm'],
                ['40 cm', '59 cm'],
                ['60 cm', '91 cm'],
                ['80 cm', '120 cm'],
                ['100 cm', '149 cm'],
            ],
            'hasHead' => true,
            'hasSide' => false,
        ], 1, 'left'),
        DemoLesson::fedBy(1, $figure(
            'data-plot',
            ['kind' => 'scatter', 'table' => "Stick in cm, Shadow in cm\n20, 31", 'line' => true],
            1,
            'left',
            ['points' => 2, 'line' => 3],
        )),
        $block('text', ['text' => "There is *{strength}*.\nEach centimetre of stick has about 1.5 cm of shadow."], 3, 'right'),
    ])
    ->slide('explain', 'same-sun', 'Same Sun, same ratio', 'whole', ['aim-ratio'], [
        'At the same moment the Sun shines on the stick and on the pole. The pole is four times as long as its stick, so its shadow is four times as long too.',
        'Together the two shadows are seven and a half metres.',
        'One part is one metre fifty.',
        'So the shadow of the pole is six metres.',
    ], [
        $figure(
            'bar-model',
            [
                'mode' => 'compare',
                'by' => 'ratio',
                'firstName' => 'Pole',
                'secondName' => 'Stick',
                'ratioFirst' => 4,
                'ratioSecond' => 1,
                'known' => 'total',
                'amount' => '7.5',
                'unit' => 'm',
            ],
            1,
            'left',
            ['compared' => 1, 'known' => 2, 'part' => 3, 'answers' => 4],
        ),
        $block('text', ['text' => 'The ratio is *{ratio}*.'], 1, 'right'),
    ])
    ->slide('explain', 'two-thirds', 'Two thirds', 'whole', ['aim-ratio'], [
        'The stick is two thirds of its shadow. Here is the same share in three ways.',
        'As a decimal it never ends.',
        'As a percent it is sixty-six and two thirds.',
    ], [
        $figure('equivalence', ['share' => '2/3', 'view' => 'strip'], 1, 'main', ['decimal' => 2, 'percent' => 3]),
    ])
    ->slide('example', 'flagpole', 'The flagpole', 'whole', ['aim-height'], [
        'The stick is one metre high and its shadow one metre fifty. The shadow of the pole is six metres long.',
        'Six divided by one point five is four. So the pole is four times as high as the stick.',
        'Four times one metre is four metres.',
    ], [
        $block('worked', ['task' => 'Stick: 1 m high, shadow 1.5 m. Pole: shadow 6 m. How high is the pole?', 'lines' => [
            ['id' => 'ratio', 'formula' => '6 m ÷ 1.5 m = 4', 'reason' => 'the pole’s shadow is 4 times as long'],
            ['id' => 'height', 'formula' => '4 × 1 m = 4 m', 'reason' => 'so the pole is 4 times as high'],
        ]], 1, 'main', ['ratio' => 2, 'height' => 3]),
    ])
    ->slide('example', 'triangle', 'The triangle of the Sun', 'whole', ['aim-height'], [
        'Pole and shadow stand at a right angle.',
        'The shadow is six metres long and the pole four metres high.',
        'The ray of light from the tip of the pole to the tip of the shadow is a little more than seven metres.',
    ], [
        $figure(
            'plane-shape',
            ['shape' => 'right', 'base' => '6', 'height' => '4', 'unit' => 'm'],
            1,
            'left',
            ['known' => 2, 'answers' => 3],
        ),
        $block('text', ['text' => 'The ray of light is *{hypotenuse}* long.'], 3, 'right'),
    ])
    ->slide('example', 'rule', 'A rule for every shadow', 'whole', ['aim-height'], [
        'At this hour every height is two thirds of its shadow: y is two thirds of x.',
        'Here is the graph, from left to right.',
        'It begins at nought: no height, no shadow.',
    ], [
        $figure(
            'function-graph',
            ['functions' => '2x/3', 'from' => '0', 'to' => '12', 'table' => false],
            1,
            'left',
            ['curve-1' => 2, 'points-1' => 3],
        ),
        $block('text', ['text' => "`x` is the shadow in metres,\n`y` the height."], 1, 'right'),
    ])
    ->slide('example', 'falling', 'A ball from the top', 'whole', ['aim-height'], [
        'There is another way. A ball falls from the top of the pole; it starts at rest and speeds up by ten metres a second every second.',
        'Its speed grows evenly.',
        'The distance grows faster and faster.',
        'It falls four metres in nine tenths of a second.',
    ], [
        $figure(
            'motion-graph',
            ['u' => '0', 'v' => '', 'a' => '10', 's' => '4.05', 't' => '', 'view' => 'both'],
            1,
            'main',
            ['speed' => 2, 'distance' => 3, 'answers' => 4],
        ),
    ])
    ->slide('your-turn', 'tree', 'Now you: the lime tree', 'whole', ['aim-height'], [
        'The shadow of the lime tree is nine metres long at the same time. How high is the tree?',
        'It is six metres high: two thirds of nine.',
    ], [
        $block(
            'question',
            [
                'type' => 'number',
                'prompt' => 'A 1 m stick has a 1.5 m shadow. The lime tree’s shadow is 9 m. How high is the tree?',
                'marks' => 2,
                'hint' => 'How many times as long as the stick’s is its shadow?',
                'stops' => true,
                'seconds' => 30,
                'value' => '6',
                'unit' => 'm',
                'tolerance' => '0.1',
                'slips' => [
                    [
                        'id' => 'upside-down',
                        'value' => '13.5',
                        'unit' => 'm',
                        'why' => 'The ratio was used upside down: the tree came out longer than its shadow',
                    ],
                    ['id' => 'added', 'value' => '8.5', 'unit' => 'm', 'why' => 'The difference was kept instead of the ratio'],
                ],
            ],
            1,
            'main',
            ['answer' => 2],
        ),
    ])
    ->slide('your-turn', 'thermometer', 'Now you: read the thermometer', 'whole', ['aim-read'], [
        'In the shade of the tree it was cooler. Read the thermometer.',
        'One division is two degrees. It shows eighteen.',
    ], [
        $block(
            'question',
            [
                'type' => 'reading',
                'prompt' => 'What does the thermometer show?',
                'marks' => 2,
                'hint' => 'Five divisions lie between 10 and 20.',
                'stops' => true,
                'seconds' => 20,
                'value' => '18',
                'unit' => '°C',
                'tolerance' => '1',
            ],
            1,
            'left',
            ['answer' => 2],
        ),
        $figure(
            'scale-reading',
            [
                'instrument' => 'thermometer',
                'from' => '0',
                'to' => '40',
                'labels' => 4,
                'divisions' => 5,
                'reading' => '18',
                'unit' => '°C',
            ],
            1,
            'right',
            ['division' => 2, 'answer' => 2],
        ),
    ])
    ->slide('your-turn', 'practice', 'Now you: practise', 'whole', ['aim-ratio'], [
        'Choose your level and work through its three questions.',
        'Compare your answers with these.',
    ], [
        $block(
            'question',
            [
                'type' => 'practice',
                'prompt' => 'Practise with two bars at your level.',
                'marks' => 3,
                'hint' => '',
                'stops' => true,
                'seconds' => 60,
                'source' => 'figure',
                'maker' => 'bar-model',
                'quantities' => [
                    'mode' => 'compare',
                    'by' => 'ratio',
                    'firstName' => 'Pole',
                    'secondName' => 'Stick',
                    'ratioFirst' => 4,
                    'ratioSecond' => 1,
                    'known' => 'total',
                    'amount' => '7.5',
                    'unit' => 'm',
                ],
                'seed' => 6,
                'count' => 3,
            ],
            1,
            'main',
            ['answer' => 2],
        ),
    ])
    ->slide('recap', 'stakes', 'Long and short stakes', 'whole', ['aim-height'], [
        'The gardener has eighteen stakes, long ones of three metres and short ones of two. Laid end to end they are forty-four metres. How many of each? We guess and check.',
        'Nine and nine make forty-five: one metre over.',
        'Eight long and ten short make forty-four. That is right.',
    ], [
        $figure(
            'two-unknowns',
            [
                'mode' => 'story',
                'firstName' => 'long',
                'secondName' => 'short',
                'count' => '18',
                'firstEach' => '3',
                'secondEach' => '2',
                'total' => '44',
                'totalName' => 'metres',
                'view' => 'table',
            ],
            1,
            'main',
            ['line-1' => 2, 'line-2' => 3, 'answer' => 3],
        ),
    ])
    ->slide('recap', 'below', 'Above and below the ground', 'whole', ['aim-height'], [
        'The foot of the pole is one metre under the ground, its tip four metres above. On a number line we see how long it is in all.',
        'From minus one to four it is five.',
    ], [
        $figure(
            'number-line',
            ['from' => '-2', 'to' => '5', 'division' => '1', 'marks' => "foot = -1\ntip = 4", 'jumps' => '-1 to 4'],
            1,
            'main',
            ['marks' => 1, 'jump-1' => 2],
        ),
    ])
    ->slide('exit-check', 'claim', 'Exit check: always?', 'whole', ['aim-ratio'], [
        'Is this always true? If not, give a number that breaks it.',
        'It is false: for one half the square is smaller.',
    ], [
        $block(
            'question',
            [
                'type' => 'truth',
                'prompt' => 'For every number above zero, its square is greater than the number.',
                'marks' => 2,
                'hint' => 'Try a number smaller than 1.',
                'stops' => true,
                'seconds' => 30,
                'isTrue' => false,
                'letter' => 'n',
                'domain' => 'n > 0',
                'holds' => 'n² > n',
            ],
            1,
            'main',
            ['answer' => 2],
        ),
    ])
    ->document();

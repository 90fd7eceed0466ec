<?php

declare(strict_types=1);

use Database\Demo\DemoLesson;

$block = DemoLesson::block(...);

return (new DemoLesson([
    'title' => 'Shadows that move',
    'subject' => 'Science',
    'className' => '6 Heron',
    'date' => '2026-11-30',
    'minutes' => 6,
    'pace' => 150,
    'pages' => 'Sky and Earth, pages 12 to 15',
    'before' => '',
    'next' => 'The height of a flagpole',
    'materials' => ['a straight stick, about 30 cm', 'chalk or small stones', 'a ruler', 'a sunny spot'],
    'keyWords' => ['shadow', 'noon', 'sundial'],
    'typeface' => 'lexend',
    'look' => 'dew',
    'readingYear' => 6,
    'aims' => [
        ['id' => 'aim-why', 'text' => 'explain why a shadow moves during the day'],
        ['id' => 'aim-measure', 'text' => 'measure a shadow and work with its length'],
        ['id' => 'aim-day', 'text' => 'say how much of a day is daylight'],
    ],
]))
    ->slide('opening', 'morning-walk', 'Shadows that move', 'opening', [], [
        'Good morning, Heron class. On Monday morning Idris stood beside the school gate, and his shadow reached all the way to the bicycle shed.',
        'At lunch he stood on the very same spot, and his shadow hardly reached the kerb. What had happened? Think for a moment before we go on.',
    ], [
        $block('comparison', [
            'first' => 'gate-morning',
            'second' => 'gate-noon',
            'firstLabel' => 'in the morning',
            'secondLabel' => 'at lunch',
            'border' => ['x' => 0.6, 'y' => 0.9],
        ], 1, 'main', ['second' => 2]),
        $block('text', ['text' => 'Same place, same boy. *Why is the shadow different?*'], 2),
    ])
    ->slide('aims', 'aims-today', 'By the end you can', 'whole', ['aim-why', 'aim-measure', 'aim-day'], [
        'By the end of this lesson you can do three things. You can explain why a shadow moves during the day.',
        'You can measure a shadow, and work with its length.',
        'And you can say how much of a day is daylight.',
    ], [
        $block(
            'instructions',
            ['items' => [
                'explain why a shadow moves during the day',
                'measure a shadow and work with its length',
                'say how much of a day is daylight',
            ]],
            1,
            'main',
            ['item-2' => 2, 'item-3' => 3],
        ),
    ])
    ->slide('explain', 'turning-earth', 'Words for today', 'whole', ['aim-why'], [
        'Two words to keep. A shadow is the dark shape where light is blocked.',
        'And noon: the moment when the Sun is highest. Remember it like this: at noon your shadow hides at your feet.',
    ], [
        $block(
            'term',
            [
                'word' => 'shadow',
                'meaning' => 'the dark shape behind something that blocks the light',
                'hook' => '',
                'picture' => 'silhouette',
            ],
            1,
            'top',
        ),
        $block(
            'term',
            [
                'word' => 'noon',
                'meaning' => 'the moment when the Sun is highest in the sky',
                'hook' => 'at noon your shadow hides at your feet',
                'picture' => 'sun',
            ],
            2,
            'bottom',
            ['meaning' => 2, 'hook' => 2],
        ),
    ])
    ->slide('explain', 'sun-path', 'The Sun crosses the sky', 'whole', ['aim-why'], [
        'In the morning the Sun stands low in the east, so the shadow of a stick is long and points to the west.',
        'Around noon the Sun is at its highest, and the shadow is at its shortest.',
        'In the afternoon the Sun sinks in the west, and the shadow grows long again, towards the east.',
    ], [
        $block('picture', [
            'medium' => 'path',
            'caption' => '',
            'marks' => [
                ['id' => 'afternoon', 'kind' => 'cover', 'at' => ['x' => 0.7, 'y' => 0.34], 'corner' => ['x' => 0.985, 'y' => 0.64]],
                ['id' => 'highest', 'kind' => 'ring', 'at' => ['x' => 0.5, 'y' => 0.235], 'edge' => ['x' => 0.565, 'y' => 0.235]],
            ],
        ], 1, 'left', ['mark-highest' => 2, 'mark-afternoon' => 3]),
        $block('text', ['text' => '*Morning:* low Sun, long shadow to the west'], 1, 'right'),
        $block('text', ['text' => '*Noon:* high Sun, short shadow'], 2, 'right'),
        $block('text', ['text' => '*Afternoon:* low Sun, long shadow to the east'], 3, 'right'),
    ])
    ->slide('example', 'half-the-day', 'How much of the day is light?', 'whole', ['aim-day'], [
        'A day and a night together last twenty-four hours. Let us cut them into three equal parts.',
        'In June, at Larkfield, two of the three parts are light.',
        'One part is eight hours.',
        'So two parts are sixteen hours of daylight, and eight hours are left for the night.',
    ], [
        $block(
            'figure',
            [
                'figure' => 'bar-model',
                'quantities' => ['mode' => 'parts', 'parts' => 3, 'shaded' => 2, 'known' => 'whole', 'amount' => '24', 'unit' => 'h'],
            ],
            1,
            'left',
            ['shading' => 2, 'known' => 1, 'part' => 3, 'answers' => 4],
        ),
        $block('text', ['text' => 'A whole day: *{whole}*'], 1, 'right'),
        $block('text', ['text' => '{fraction} of it is light.'], 2, 'right'),
        $block('text', ['text' => 'Daylight in June: *{shaded}*'], 4, 'right'),
    ])
    ->slide('example', 'growing-shadow', 'How fast does a shadow grow?', 'whole', ['aim-measure'], [
        'Mina measured the shadow of her stick. At one o’clock it was eighteen centimetres long, at three o’clock thirty centimetres.',
        'First we find how much it grew: thirty minus eighteen is twelve centimetres.',
        'That took two hours. So each hour it grew by twelve divided by two.',
        'Six centimetres an hour. Does that make sense? Two hours of six make twelve. Yes.',
    ], [
        $block('worked', ['task' => 'At 1 o’clock the shadow is 18 cm long, at 3 o’clock 30 cm. How much does it grow each hour?', 'lines' => [
            ['id' => 'grew', 'formula' => '30 cm − 18 cm = 12 cm', 'reason' => 'how much it grew in all'],
            ['id' => 'rate', 'formula' => '12 cm ÷ 2 = 6 cm', 'reason' => 'shared over 2 hours'],
            ['id' => 'check', 'formula' => '2 × 6 cm = 12 cm', 'reason' => 'check: it fits'],
        ]], 1, 'main', ['grew' => 2, 'rate' => 3, 'check' => 4]),
    ])
    ->slide('example', 'sand-tray', 'A tray to catch the shadow', 'whole', ['aim-measure'], [
        'To mark a shadow indoors we fill a tray with sand. It is thirty centimetres long, twenty wide and six high.',
        'We fill it four centimetres high.',
        'The sand takes thirty times twenty times four. That is two thousand four hundred cubic centimetres.',
    ], [
        $block(
            'figure',
            [
                'figure' => 'solid',
                'quantities' => [
                    'mode' => 'edges',
                    'length' => '30',
                    'width' => '20',
                    'height' => '6',
                    'fill' => '4',
                    'unit' => 'cm',
                    'view' => 'box',
                ],
            ],
            1,
            'left',
            ['edges' => 1, 'fill' => 2, 'answers' => 3],
        ),
        $block('text', ['text' => 'Sand = base × height'], 1, 'right'),
        $block('text', ['text' => "`30 cm × 20 cm × 4 cm`\n= *{filled}*"], 3, 'right'),
    ])
    ->slide('your-turn', 'noon-question', 'Now you: noon', 'whole', ['aim-why'], [
        'Now you. Look at the question, stop the lesson, and choose an answer.',
        'At noon the Sun is highest, so the shadow is shortest. If you chose the longest, think of a lamp held low beside a pencil.',
    ], [
        $block(
            'question',
            [
                'type' => 'choice',
                'prompt' => 'When is the shadow of a stick shortest?',
                'marks' => 1,
                'hint' => 'When is the Sun highest?',
                'stops' => true,
                'seconds' => 20,
                'choices' => [
                    ['id' => 'early', 'text' => 'just after sunrise', 'right' => false, 'slip' => 'A low Sun makes a long shadow.'],
                    ['id' => 'noon', 'text' => 'at noon', 'right' => true],
                    ['id' => 'late', 'text' => 'just before sunset', 'right' => false, 'slip' => 'A low Sun makes a long shadow.'],
                    [
                        'id' => 'same',
                        'text' => 'it is always the same',
                        'right' => false,
                        'slip' => 'Look again at the picture of the gate.',
                    ],
                ],
            ],
            1,
            'main',
            ['answer' => 2],
        ),
    ])
    ->slide('your-turn', 'measure-question', 'Now you: measure', 'whole', ['aim-measure'], [
        'Here is another stick. At one o’clock its shadow is twenty centimetres long, and each hour it grows by seven centimetres. How long is it at four o’clock? Stop and work it out.',
        'From one to four is three hours. Three times seven is twenty-one, and twenty plus twenty-one is forty-one centimetres.',
    ], [
        $block('text', ['text' => "At 1 o’clock: 20 cm\nEach hour: 7 cm more"], 1, 'left'),
        $block(
            'question',
            [
                'type' => 'number',
                'prompt' => 'How long is the shadow at 4 o’clock?',
                'marks' => 2,
                'hint' => 'How many hours pass from 1 to 4?',
                'stops' => true,
                'seconds' => 30,
                'value' => '41',
                'unit' => 'cm',
                'tolerance' => '0',
            ],
            1,
            'right',
            ['answer' => 2],
        ),
        $block(
            'worked',
            [
                'task' => '',
                'lines' => [
                    ['id' => 'hours', 'formula' => '3 × 7 cm = 21 cm', 'reason' => ''],
                    ['id' => 'sum', 'formula' => '20 cm + 21 cm = 41 cm', 'reason' => ''],
                ],
            ],
            2,
            'left',
        ),
    ])
    ->slide('recap', 'recap', 'What we found', 'whole', ['aim-why', 'aim-measure', 'aim-day'], [
        'Let us look back. A low Sun makes a long shadow, a high Sun makes a short one.',
        'A shadow can be measured, and its growth worked out.',
        'And in June, two thirds of our day are light.',
    ], [
        $block('text', ['text' => '- Low Sun, long shadow. High Sun, short shadow.'], 1),
        $block('text', ['text' => '- A shadow grows by so many centimetres each hour.'], 2),
        $block('text', ['text' => '- In June `2/3` of the day is light.'], 3),
    ])
    ->slide('exit-check', 'exit-day', 'Exit check: the day', 'whole', ['aim-day'], [
        'The exit check. In December only one third of the day is light at Larkfield. How many hours are that? Stop and answer.',
        'Well done. You can look at your answer again before you hand it in.',
    ], [
        $block(
            'question',
            [
                'type' => 'number',
                'prompt' => 'In December `1/3` of the 24 hours is light. How many hours of daylight are there?',
                'marks' => 1,
                'hint' => 'One of three equal parts of 24 hours.',
                'stops' => true,
                'seconds' => 20,
                'value' => '8',
                'unit' => 'h',
                'tolerance' => '0',
            ],
            1,
            'main',
            ['answer' => 2],
        ),
    ])
    ->slide('exit-check', 'exit-why', 'Exit check: why?', 'whole', ['aim-why'], [
        'And the last one. Why did the shadow of Idris change between morning and lunch? Answer in your own words.',
        'Thank you. Compare your answer with the model when you have handed it in.',
    ], [
        $block(
            'question',
            [
                'type' => 'text',
                'prompt' => 'Why was the shadow of Idris shorter at lunch than in the morning?',
                'marks' => 2,
                'hint' => 'Write about the Sun and its height.',
                'stops' => true,
                'seconds' => 30,
                'value' => 'The Sun was higher in the sky at lunch, so its light came down more steeply and the shadow was shorter.',
                'markPoints' => [
                    ['id' => 'higher', 'text' => 'The Sun is higher at lunch.'],
                    ['id' => 'steeper', 'text' => 'Its light comes down more steeply.'],
                ],
            ],
            1,
            'main',
            ['answer' => 2],
        ),
    ])
    ->slide('afterwards', 'afterwards', 'Afterwards', 'whole', ['aim-measure'], [
        'Afterwards, put a stick in the ground and mark the tip of its shadow every hour.',
        'Bring your three lengths to the next lesson. We will use them to measure the flagpole.',
    ], [
        $block(
            'instructions',
            ['items' => [
                'Put a straight stick in the ground.',
                'Mark the tip of its shadow at 10, 12 and 2 o’clock.',
                'Measure the three shadows and write them down.',
            ]],
            1,
            'main',
            [],
        ),
        $block('pause', ['prompt' => 'Write down what you need before you go outside.', 'marks' => 1, 'seconds' => 15], 2),
    ])
    ->slide('afterwards', 'shadow-film', 'If you have time', 'whole', ['aim-why'], [
        'If it rains, look at this film. A camera watched one post from dawn to dusk.',
    ], [
        $block('link', [
            'title' => 'One post, one day',
            'address' => 'https://www.larkfield.example/films/one-post-one-day',
            'why' => 'When is the shadow shortest, and which way does it point then?',
            'from' => '0:20',
            'to' => '2:00',
            'minutes' => 2,
        ], 1),
    ])
    ->document([
        'gate-morning' => [
            'file' => 'gate-morning.svg',
            'description' => 'A boy beside a school gate in the morning: the Sun is low, and his shadow reaches to the bicycle shed.',
            'credit' => 'Drawn for Larkfield School',
            'licence' => 'own',
        ],
        'gate-noon' => [
            'file' => 'gate-noon.svg',
            'description' => 'The same boy beside the gate at lunch: the Sun is high, and his shadow is short.',
            'credit' => 'Drawn for Larkfield School',
            'licence' => 'own',
        ],
        'silhouette' => ['library' => 'flat/bust-in-silhouette'],
        'sun' => ['library' => 'flat/sun'],
        'path' => [
            'file' => 'sun-path.svg',
            'description' => 'The path of the Sun from east over noon to west above a stick, with the shadow of the stick at three times of the day.',
            'credit' => 'Drawn for Larkfield School',
            'licence' => 'own',
        ],
    ]);

<?php

declare(strict_types=1);

use Database\Demo\DemoLesson;

$block = DemoLesson::block(...);
$figure = static fn (
    string $name,
    array $quantities,
    int $step = 1,
    string $region = 'main',
    array $reveals = [],
): array => DemoLesson::block('figure', ['figure' => $name, 'quantities' => $quantities], $step, $region, $reveals);
$parts = [
    ['name' => 'gnomon', 'x' => 0.47, 'y' => 0.4],
    ['name' => 'dial', 'x' => 0.3, 'y' => 0.5],
    ['name' => 'hour line', 'x' => 0.66, 'y' => 0.56],
    ['name' => 'shadow', 'x' => 0.63, 'y' => 0.6],
    ['name' => 'foot', 'x' => 0.5, 'y' => 0.9],
];
$verse = "The shadow of the garden wall\nLies long upon the lawn;\nIt has not shortened much at all\nSince first the light of dawn.";
$passage = 'At noon the old woman came out and stood beside the post. Her shadow lay at her feet, short as a sleeping cat. “Not yet,” she said, and went back in.';

return (new DemoLesson([
    'title' => 'A poem for a sundial',
    'subject' => 'English',
    'className' => '6 Heron',
    'date' => '2026-12-09',
    'minutes' => 7,
    'pace' => 140,
    'pages' => '',
    'before' => 'The height of a flagpole',
    'next' => '',
    'materials' => ['paper', 'two colours'],
    'keyWords' => ['rhyme', 'pattern', 'gnomon'],
    'typeface' => 'lexend',
    'look' => 'dusk',
    'readingYear' => 6,
    'aims' => [
        ['id' => 'aim-hear', 'text' => 'hear which lines rhyme'],
        ['id' => 'aim-read', 'text' => 'show where a text says something'],
        ['id' => 'aim-write', 'text' => 'plan a short poem'],
    ],
]))
    ->slide('opening', 'dial', 'A poem for a sundial', 'whole', [], [
        'Look at this sundial. What do its parts do?',
        'Four spots on it have a story each. Look at them, then go on.',
    ], [
        $figure(
            'picture-map',
            [
                'picture' => 'sundial',
                'spots' => [
                    ['name' => 'the Sun, seen from the yard', 'x' => 0.14, 'y' => 0.18, 'slide' => 'sun-way'],
                    ['name' => 'the edge that casts the shadow', 'x' => 0.49, 'y' => 0.35, 'slide' => 'gnomon'],
                    ['name' => 'noon', 'x' => 0.5, 'y' => 0.64, 'slide' => 'noon-line'],
                    ['name' => 'the stone, cut by hand', 'x' => 0.5, 'y' => 0.75, 'slide' => 'stone'],
                ],
            ],
            1,
            'left',
            ['spot-1' => 2, 'spot-2' => 2, 'spot-3' => 2, 'spot-4' => 2],
        ),
        $block('text', ['text' => 'People carved verses into sundials. Today we write one.'], 1, 'right'),
        $block('pause', ['prompt' => 'Look closer at the four spots.', 'marks' => 1, 'seconds' => 30], 2, 'right'),
    ])
    ->slide('opening', 'sun-way', 'The way of the Sun', 'whole', [], [
        'Seen from our yard the Sun rises in the east, stands highest in the south, and sets in the west.',
    ], [
        $block('picture', [
            'medium' => 'sun-path',
            'caption' => '',
            'marks' => [['id' => 'foot', 'kind' => 'detail', 'at' => ['x' => 0.5, 'y' => 0.84], 'to' => ['x' => 0.14, 'y' => 0.2]]],
        ], 1, 'left'),
        $block('text', ['text' => 'The higher the Sun, the shorter the shadow.'], 1, 'right'),
    ], true)
    ->slide('opening', 'gnomon', 'The edge that casts the shadow', 'whole', [], [
        'The slanting part is called the gnomon. Its long edge points to the place in the sky about which all the stars turn.',
    ], [
        $block(
            'term',
            [
                'word' => 'gnomon',
                'meaning' => 'the part of a sundial that casts the shadow',
                'hook' => 'the g keeps silent, as in gnat and gnome',
                'picture' => null,
            ],
        ),
    ], true)
    ->slide('opening', 'noon-line', 'The line of noon', 'whole', [], [
        'At noon the shadow lies on the middle line. The lines of morning and afternoon are like two wings on either side.',
    ], [
        $block(
            'text',
            [
                'text' => "- At noon the shadow is shortest.\n- At ten and at two it is equally long.\n- Clouds are the only thing a sundial fears.",
            ],
        ),
    ], true)
    ->slide('opening', 'stone', 'The stone', 'whole', [], [
        'The lines are cut into the stone with a chisel. A wrong cut stays for ever, so the carver measures twice.',
    ], [
        $block('text', ['text' => 'A verse in stone has to be short. Count the letters of yours before you carve it.']),
    ], true)
    ->slide('aims', 'clocks', 'Clocks through time', 'whole', [], [
        'Sundials are old. This line runs from long before the common era to the ship’s clock.',
        'Then came a water clock, then the pendulum, then a clock that keeps time at sea.',
    ], [
        $figure(
            'timeline',
            [
                'events' => "150 BCE: A sundial in the market\n1092: A water clock in a tower\n1656: The pendulum clock\n1759: A clock that keeps time at sea",
            ],
            1,
            'main',
            ['event-1' => 1, 'event-2' => 2, 'event-3' => 2, 'event-4' => 2],
        ),
    ])
    ->slide('explain', 'parts', 'The names of its parts', 'whole', ['aim-read'], [
        'Before we write we need the words.',
        'This is the gnomon, and this the dial. Here are an hour line, the shadow and the foot.',
    ], [
        $figure(
            'labelled-picture',
            ['picture' => 'sundial', 'points' => $parts, 'view' => 'names'],
            1,
            'main',
            ['part-1' => 2, 'part-2' => 2, 'part-3' => 2, 'part-4' => 2, 'part-5' => 2],
        ),
    ])
    ->slide('explain', 'rhyme', 'Which lines rhyme?', 'whole', ['aim-hear'], [
        'Listen to the ends of the lines.',
        'Wall and all sound alike: they get the letter A.',
        'Lawn and dawn get the letter B.',
        'A B A B: the rhymes take turns.',
    ], [
        $figure('rhyme-lines', ['verse' => $verse, 'letters' => ''], 1, 'main', ['letter-a' => 2, 'letter-b' => 3, 'form' => 4]),
    ])
    ->slide('explain', 'sounds', 'Hear the sounds', 'whole', ['aim-hear'], [
        'Shadow has six letters. How many sounds?',
        'Four sounds, and two beats.',
        'And what does an ending sound like? Listen to hopped, played and wanted.',
    ], [
        $figure(
            'sound-boxes',
            ['word' => 'shadow', 'split' => ''],
            1,
            'left',
            ['sound-1' => 2, 'sound-2' => 2, 'sound-3' => 2, 'sound-4' => 2, 'beats' => 2],
        ),
        $figure('word-builder', ['beginnings' => "hop\nplay\nwant", 'endings' => "-ed\n-ing"], 3, 'right'),
    ])
    ->slide('explain', 'groups', 'Words of light and shade', 'whole', ['aim-write'], [
        'Collect words for your poem in two groups.',
        'These are words of light.',
        'And these are words of shade.',
    ], [
        $figure(
            'sorting-board',
            ['groups' => [
                ['name' => 'Light', 'rule' => 'what shines', 'items' => [['text' => 'gleam'], ['text' => 'dawn'], ['text' => 'blaze']]],
                ['name' => 'Shade', 'rule' => 'what is dark', 'items' => [['text' => 'gloom'], ['text' => 'dusk'], ['text' => 'shadow']]],
            ]],
            1,
            'left',
            ['group-1' => 2, 'group-2' => 3],
        ),
        $block('text', ['text' => 'Which of them rhyme? Try *gloom* and *bloom*.'], 3, 'right'),
    ])
    ->slide('example', 'evidence', 'Where does it say so?', 'whole', ['aim-read'], [
        'Read this passage. How do we know that it was the middle of the day?',
        'The text says noon, and it says that her shadow lay short at her feet.',
    ], [
        $figure(
            'marked-passage',
            [
                'passage' => $passage,
                'questions' => 'How do we know it was the middle of the day?',
                'marks' => [['from' => 1, 'to' => 1, 'question' => 0], ['from' => 12, 'to' => 18, 'question' => 0]],
            ],
            1,
            'main',
            ['question-1' => 2],
        ),
    ])
    ->slide('example', 'making', 'How a verse is made', 'whole', ['aim-write'], [
        'A verse is made in a round: collect words, find rhymes, write, read aloud.',
        'And from there it begins again, until it sounds right.',
    ], [
        $figure(
            'flow',
            ['kind' => 'cycle', 'boxes' => "Collect words\nFind rhymes\nWrite four lines\nRead them aloud", 'numbered' => false],
            1,
            'main',
            ['box-2' => 1, 'box-3' => 1, 'box-4' => 1, 'close' => 2],
        ),
    ])
    ->slide('your-turn', 'give-letters', 'Now you: give the letters', 'whole', ['aim-hear'], [
        'Give each line a letter. Lines that rhyme get the same one.',
        'The pattern is A B C B: only the second and the fourth line rhyme.',
    ], [
        $block(
            'question',
            [
                'type' => 'letters',
                'prompt' => 'Give each line a letter: lines that rhyme get the same one.',
                'marks' => 2,
                'hint' => 'Say the last words aloud.',
                'stops' => true,
                'seconds' => 30,
                'lines' => [
                    ['id' => 'line-1', 'text' => 'I count the hours with a line of shade,', 'letter' => 'A'],
                    ['id' => 'line-2', 'text' => 'The sunny ones alone;', 'letter' => 'B'],
                    ['id' => 'line-3', 'text' => 'And when the clouds are in the sky', 'letter' => 'C'],
                    ['id' => 'line-4', 'text' => 'I am a plain grey stone.', 'letter' => 'B'],
                ],
            ],
            1,
            'main',
            ['answer' => 2],
        ),
    ])
    ->slide('your-turn', 'sort-words', 'Now you: light or shade?', 'whole', ['aim-write'], [
        'Sort these words.',
        'Compare your groups with these.',
    ], [
        $block(
            'question',
            [
                'type' => 'sort',
                'prompt' => 'Sort the words into light and shade.',
                'marks' => 3,
                'hint' => '',
                'stops' => true,
                'seconds' => 30,
                'groups' => [['id' => 'light', 'name' => 'Light'], ['id' => 'shade', 'name' => 'Shade']],
                'items' => [
                    ['id' => 'glow', 'text' => 'glow', 'group' => 'light'],
                    ['id' => 'murk', 'text' => 'murk', 'group' => 'shade'],
                    ['id' => 'flash', 'text' => 'flash', 'group' => 'light'],
                    ['id' => 'dusk', 'text' => 'dusk', 'group' => 'shade'],
                    ['id' => 'shine', 'text' => 'shine', 'group' => 'light'],
                    ['id' => 'night', 'text' => 'night', 'group' => 'shade'],
                ],
            ],
            1,
            'main',
            ['answer' => 2],
        ),
    ])
    ->slide('your-turn', 'order-clocks', 'Now you: put the clocks in order', 'whole', [], [
        'Which clock came first? Put them in order.',
        'First the sundial, then water, then the pendulum, and last the clock at sea.',
    ], [
        $block(
            'question',
            [
                'type' => 'order',
                'prompt' => 'Put the clocks in order, the oldest first.',
                'marks' => 3,
                'hint' => '',
                'stops' => true,
                'seconds' => 30,
                'items' => [
                    ['id' => 'sun', 'text' => 'sundial'],
                    ['id' => 'water', 'text' => 'water clock'],
                    ['id' => 'pendulum', 'text' => 'pendulum clock'],
                    ['id' => 'sea', 'text' => 'clock at sea'],
                ],
            ],
            1,
            'main',
            ['answer' => 2],
        ),
    ])
    ->slide('your-turn', 'name-parts', 'Now you: name the parts', 'whole', ['aim-read'], [
        'Name the five parts.',
        'Compare your names with these.',
    ], [
        $figure('labelled-picture', ['picture' => 'sundial', 'points' => $parts, 'view' => 'blanks'], 1, 'left'),
        $block(
            'question',
            [
                'type' => 'label',
                'prompt' => 'Name the parts of the sundial.',
                'marks' => 5,
                'hint' => '',
                'stops' => true,
                'seconds' => 60,
                'bank' => true,
                'picture' => 'sundial',
                'points' => array_map(
                    static fn (array $part, int $number): array => ['id' => 'part-'.($number + 1)] + $part,
                    $parts,
                    array_keys($parts),
                ),
            ],
            1,
            'right',
            ['answer' => 2],
        ),
    ])
    ->slide('recap', 'plan', 'Plan your poem', 'whole', ['aim-write'], [
        'Four boxes for four lines. Each has a way to begin.',
    ], [
        $figure(
            'planning-frame',
            [
                'boxes' => "Line 1: say where you are\nLine 2: say what the Sun does\nLine 3: say what you feel\nLine 4: rhyme with line 2",
                'starters' => "I stand beside\nThe Sun\nIt made me feel\nAnd so",
                'model' => '',
                'show' => 'sheet',
            ],
            1,
        ),
    ])
    ->slide('exit-check', 'mark-it', 'Exit check: mark the words', 'whole', ['aim-read'], [
        'Mark the words that show that she is waiting.',
        'She says: not yet.',
    ], [
        $block(
            'question',
            [
                'type' => 'highlight',
                'prompt' => 'Mark the words that show that she is waiting.',
                'marks' => 1,
                'hint' => 'What does she say?',
                'stops' => true,
                'seconds' => 30,
                'passage' => $passage,
                'evidence' => [['from' => 23, 'to' => 24]],
            ],
            1,
            'main',
            ['answer' => 2],
        ),
    ])
    ->slide('exit-check', 'fill-plan', 'Exit check: your plan', 'whole', ['aim-write'], [
        'Write your plan, a line in each box.',
        'Compare it with this one, and read yours aloud.',
    ], [
        $block(
            'question',
            [
                'type' => 'plan',
                'prompt' => 'Plan your verse for a sundial.',
                'marks' => 4,
                'hint' => '',
                'stops' => true,
                'seconds' => 60,
                'boxes' => [
                    [
                        'id' => 'where',
                        'name' => 'Line 1',
                        'purpose' => 'say where you are',
                        'starter' => 'I stand beside',
                        'model' => 'I stand beside the garden stone',
                    ],
                    [
                        'id' => 'sun',
                        'name' => 'Line 2',
                        'purpose' => 'say what the Sun does',
                        'starter' => 'The Sun',
                        'model' => 'The Sun is climbing slow',
                    ],
                    [
                        'id' => 'feel',
                        'name' => 'Line 3',
                        'purpose' => 'say what you feel',
                        'starter' => 'It made me feel',
                        'model' => 'My shadow is a friend of mine',
                    ],
                    [
                        'id' => 'end',
                        'name' => 'Line 4',
                        'purpose' => 'rhyme with line 2',
                        'starter' => 'And so',
                        'model' => 'It tells me when to go',
                    ],
                ],
            ],
            1,
            'main',
            ['answer' => 2],
        ),
    ])
    ->slide('afterwards', 'choose-one', 'At home', 'whole', ['aim-write'], [
        'Choose what you like best, do it at home, and tell us what came of it.',
        'Whatever you chose, this is what we look for.',
    ], [
        $block(
            'question',
            [
                'type' => 'tasks',
                'prompt' => 'Choose one of these.',
                'marks' => 2,
                'hint' => '',
                'stops' => true,
                'seconds' => 20,
                'tasks' => [
                    ['id' => 'write', 'text' => 'Write your verse out, with a drawing.'],
                    ['id' => 'ask', 'text' => 'Ask somebody how they told the time without a clock.'],
                    ['id' => 'find', 'text' => 'Find a shadow that tells the time near your home.'],
                ],
                'value' => 'You say what you did, and one thing that you noticed.',
                'markPoints' => [
                    ['id' => 'did', 'text' => 'says what was done'],
                    ['id' => 'noticed', 'text' => 'names something that was noticed'],
                ],
            ],
            1,
            'main',
            ['answer' => 2],
        ),
    ])
    ->document([
        'sun-path' => [
            'file' => 'sun-path.svg',
            'description' => 'The path of the Sun from east over noon to west above a stick, with the shadow of the stick at three times of the day.',
            'credit' => 'Drawn for Larkfield School',
            'licence' => 'own',
        ],
        'sundial' => [
            'file' => 'sundial.svg',
            'description' => 'A sundial of stone: a round dial with hour lines on a foot, a slanting gnomon, its shadow, and the Sun at the upper left.',
            'credit' => 'Drawn for Larkfield School',
            'licence' => 'own',
        ],
    ]);

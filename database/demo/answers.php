<?php

declare(strict_types=1);

// What the class of the demo gave for an answer: block => answer, by student.

return [
    'height-of-a-flagpole' => [
        'Ada' => ['tree-block-1' => '6 m', 'thermometer-block-1' => '18 °C', 'claim-block-1' => '{"verdict":"false","example":"1/2"}'],
        'Bram' => ['tree-block-1' => '13.5 m', 'thermometer-block-1' => '14 °C', 'claim-block-1' => '{"verdict":"true"}'],
        'Chidi' => ['tree-block-1' => '600 cm', 'thermometer-block-1' => '18', 'claim-block-1' => '{"verdict":"false","example":"2"}'],
        'Elif' => ['tree-block-1' => '13.5 m'],
        'Dewi' => ['tree-block-1' => '6', 'thermometer-block-1' => '17.5 °C'],
    ],
    'poem-for-a-sundial' => [
        'Ada' => [
            'give-letters-block-1' => '{"line-1":"A","line-2":"B","line-3":"C","line-4":"B"}',
            'sort-words-block-1' => '{"glow":"light","murk":"shade","flash":"light","dusk":"shade","shine":"light","night":"shade"}',
            'order-clocks-block-1' => '["sun","water","pendulum","sea"]',
            'name-parts-block-2' => '{"part-1":"gnomon","part-2":"dial","part-3":"hour line","part-4":"shadow","part-5":"foot"}',
            'mark-it-block-1' => '[23,24]',
            'choose-one-block-1' => '{"task":"ask","words":"My grandmother went by the noon bell. I noticed that it was heard all over the town."}',
        ],
        'Elif' => [
            'give-letters-block-1' => '{"line-1":"A","line-2":"B","line-3":"A","line-4":"B"}',
            'sort-words-block-1' => '{"glow":"light","murk":"shade","flash":"light","dusk":"light","shine":"light","night":"shade"}',
            'order-clocks-block-1' => '["water","sun","pendulum","sea"]',
        ],
    ],
];

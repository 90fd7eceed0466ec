<?php

declare(strict_types=1);

// Beats as general dictionaries of English (Oxford Learner's, Merriam-Webster) count them; from memory.
return [
    'simile' => 3, 'phloem' => 2, 'villanelle' => 3, 'our' => 1, 'fire' => 1, 'wires' => 1, 'tumbling' => 2, 'Siobhan' => 2,
    'litre' => 2, 'vacuole' => 3, 'aluminium' => 5, 'hour' => 1, 'choir' => 1,
    'hypotenuse' => 4, 'trapezium' => 4, 'xylem' => 2, 'caesura' => 3, 'metre' => 2, 'colour' => 2, 'theatre' => 3, 'sour' => 1,
    'hire' => 1, 'higher' => 2, 'flower' => 2, 'power' => 2,
    'struggling' => 2, 'handling' => 2, 'organise' => 3, 'anaemia' => 4, 'mitochondria' => 5, 'onomatopoeia' => 6,
    'parallelogram' => 5, 'quadrilateral' => 5, 'rhombus' => 2, 'iambic' => 3, 'pentameter' => 4,
    'photosynthesis' => 5, 'isosceles' => 4, 'osmosis' => 3, 'haiku' => 2, 'stanza' => 2, 'metaphor' => 3, 'enjambment' => 3,
    'covalent' => 3, 'isotope' => 3, 'erosion' => 3, 'well-known' => 2, 'o’clock' => 2,
];

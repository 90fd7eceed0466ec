<?php

declare(strict_types=1);

/*
 * Sentences and lines as they stand in lessons, made up for this corpus.
 *
 * “false”: something in it is wrong and should be found. “true”: sums that hold. “none”: figures that are not meant as sums.
 */

return [
    'false' => [
        '14 × 30 = 450', '7/8 is 0.85', 'four eights are thirty-four', 'So the tank holds 60 centimetres.', 'Three times four is eleven.',
        '12 + 9 = 22', '100 − 37 = 73', '56 ÷ 7 = 9', '3/4 + 1/2 = 4/6', '0.3 × 0.2 = 0.6',
        '25% of 80 = 25', '2.5 m = 25 cm', '3 kg = 300 g', '1 h = 100 min', '4 cm × 5 cm = 20 cm',
        '√(9 + 16) = 7', '2³ = 6', '5² = 10', '−3 + 5 = −2', '−4 × −2 = −8',
        'The area is 40 cm.', 'The volume of the box is 24 cm².', 'The perimeter of the garden is 30 m².', 'The stick is 12 cm² long.', 'The jug holds 2 square metres.',
        'Area = 6 cm × 4 cm = 24', '£3.50 + £2.75 = £6.50', '60 km ÷ 2 h = 30 km', '1.2 + 0.35 = 1.55 and 2 × 1.55 = 3.2', 'half of ninety is forty',
        'Seven plus eight makes sixteen.', 'Twenty minus six is fifteen.', 'We multiply: 23 × 4 = 82.', 'So one part is 45 ÷ 5 = 8 cm.', 'Then 3 × 9 cm = 26 cm.',
        '0.375 = 37%', '1/3 = 0.3', '2/5 = 0.2', '1 inch = 2.45 cm', '10% of £45 = £4.05',
        '8 + 8 + 8 = 25', '6 sixes are thirty-five', 'nine nines are eighty', 'A quarter of forty is twelve.', '45° + 45° = 100°',
        '2(3 + 4) = 10', '(5 − 2)² = 6', '1 1/2 + 1/4 = 2 1/4', '12 × 12 = 148, so the square has 148 tiles', '15 × 4 = 60 = 7 × 9',
        'Check: 9 × 7 = 62.', '1000 ÷ 8 = 120', '3.6 ÷ 0.6 = 0.6', '4.8 km ÷ 4 = 1.4 km', 'speed = 120 m ÷ 20 s = 5 m/s',
        '2 l + 500 ml = 2.05 l', '5 m + 20 cm = 5.02 m', '90 min = 1.3 h', '360° ÷ 8 = 40°', 'The width of the pool is 25 m³.',
    ],
    'true' => [
        '14 × 30 = 420', '7/8 is 0.875', 'four eights are thirty-two', 'So the tank holds 60 cubic centimetres.', 'Three times four is twelve.',
        '12 + 9 = 21', '100 − 37 = 63', '56 ÷ 7 = 8', '3/4 + 1/2 = 5/4', '0.3 × 0.2 = 0.06',
        '25% of 80 = 20', '2.5 m = 250 cm', '3 kg = 3000 g', '1 h = 60 min', '4 cm × 5 cm = 20 cm²',
        '√(9 + 16) = 5', '2³ = 8', '5² = 25', '−3 + 5 = 2', '−4 × −2 = 8',
        'The area is 40 cm².', 'The volume of the box is 24 cm³.', 'The perimeter of the garden is 30 m.', 'The stick is 12 cm long.', 'The jug holds 2 litres.',
        'Area = 6 cm × 4 cm = 24 cm²', '£3.50 + £2.75 = £6.25', '60 km ÷ 2 h = 30 km/h', 'half of ninety is forty-five', 'Seven plus eight makes fifteen.',
        'Twenty minus six is fourteen.', 'So one part is 45 ÷ 5 = 9 cm.', '1/3 ≈ 0.33', '2/5 = 0.4', '1 inch = 2.54 cm',
        '8 + 8 + 8 = 24', 'nine nines are eighty-one', 'A quarter of forty is ten.', '2(3 + 4) = 14', '1 1/2 + 1/4 = 1 3/4',
        '15 × 4 = 60 = 6 × 10', '90 min = 1.5 h', '360° ÷ 8 = 45°', '2 l + 500 ml = 2.5 l', 'sin 30° = 0.5',
    ],
    'none' => [
        'On 12 March 1847 the clock was set.', 'Read pages 14–20 for Monday.', 'We won 3–2 after being 0–2 down.', 'Mix them in the ratio 2 : 3.', 'Look at verse 3, lines 5 to 8.',
        'Room 12 = the art room.', 'x = 5 is one answer.', 'Let n = 4.', 'The bus leaves at 9:05 and arrives at 10:20.', 'Chapter 3 is 20 pages.',
        'One of the two is heavier.', 'Ten is a round number.', 'The four seasons are three months each.', 'Of the twenty children, six are left-handed.', 'Two and two make a pair of pairs.',
        '20 °C = 68 °F', 'A = 1, B = 2, C = 3', 'Key: 1 square = 5 children', 'The volume is at 80%.', 'The song is 3 minutes long.',
        'A reel holds 60 metres of thread.', 'The distance is 20 minutes on foot.', 'The length of the film is 90 minutes.', 'y = 2x + 1', 'v = u + a t',
        'Question 7 is 3 marks.', 'Exercise 4 = homework', '3 out of 5 said yes.', 'It is 4 times as long.', 'The score is 4 to 3.',
        'Psalm 23 : 4', 'There are 24 hours in a day.', 'Seven is more than five.', 'Tom is 12 and Mina is 14.', '5 more than 3 is what?',
        'How much is 6 × 7?', '6 × 7 = ?', '__ + 5 = 12', '17 = 3 × 5 r 2', '17 ÷ 5 = 3 r 2',
        'The year 2000 = MM', 'Aim for 80%.', '1st = gold, 2nd = silver', 'Three is the number of sides.', 'The 6 and the 9 look alike.',
        'In 476 the last emperor fell.', 'p. 12 = Figure 3', 'Take 2 eggs and 300 g of flour.', 'She ran 100 m in 14 s.', 'The Sun is 150 million km away.',
        'log 100 = 2', 'sin 30 = 1/2', 'The box holds 12 pencils.', 'The glass holds half as much.', 'One plus is that it is quick.',
    ],
];

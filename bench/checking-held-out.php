<?php

declare(strict_types=1);

// Written with the sentences of fresh.php and put away before work on the checker began. They are only counted.

return [
    'false' => [
        'The path is 3 km, and 3 km = 300 m.', '3/8 = 0.38 exactly, as 3/8 = 0.38', '40 ÷ 8 + 1 = 4', '0.3 kg = 30 g', 'A quarter of 48 is 16.', '√81 − 1 = 7', '1.5² = 3', '3/7 + 2/7 = 5/14', '12 × 12 = 142', '90° + 45° = 125°',
        'Seven times twelve is eighty-six.', 'So 14 × 6 = 82 in the end.', 'Nine squared gives us 80.', '3,2 + 1,9 = 5,2', 'The perimeter is 2 × (7 cm + 3 cm) = 21 cm.', 'Area = 9 × 4 = 36 cm', 'Volume = 5 × 5 × 2 = 50 m²',
        'Speed = 200 ÷ 8 = 25 m', 'A fifth of 45 is 8.', 'Fifteen percent of 60 is 10.', '2/7 + 3/7 = 5/14', '0.6 = 2/3', '√81 = 8', '3³ = 9', '6² = 12', '4.2 km = 420 m', '3 h 10 min = 310 min', '£10 − £3.60 = £7.40',
        'Half of 54 is 26.', 'Twenty-four shared between six is five.', '−6 + 10 = 5', '4 − 11 = 7', '5 × (3 + 6) = 40', '90 ÷ 4 = 22', '2.5 × 6 = 12', 'Two thirds of 90 is the same as 45.', 'Three to the power of four is 12.', 'π ≈ 3.24', '2/3 ≈ 0.57',
        '√3 ≈ 1.83', 'If we round 3.47 to one decimal place we get 3.4.', 'P = I V = 2 A × 9 V = 11 W', '|−12| = −12', '∛8 = 4', '³√27 = 9', '5! = 25', '18 : 3 = 5', '48 kg + 17 kg = 75 kg', '0.4 × 0.5 = 2', 'Seven hundred minus two hundred comes to four hundred.',
        'Density = 90 ÷ 30 = 3 kg', 'Six less than fifteen is ten.', 'The mean is (3 + 5 + 10)/3 = 5.', '4 × 10^3 = 400', '2 m² = 200 cm²', '1 kg = 100 g', '36 km/h = 36 m/s', 'A half plus a third is two fifths.', '20 minutes is a quarter of an hour.', '8 + 7 = 16.',
    ],
    'true' => [
        'The path is 3 km: 3 km = 3000 m.', '3/8 = 0.375', '40 ÷ 8 + 1 = 6', '0.3 kg = 300 g', 'A quarter of 48 is 12.', '√81 − 1 = 8', '1.5² = 2.25', '3/7 + 2/7 = 5/7',
        '2,5 + 1,5 = 4', '0,4 = 2/5', '2.000 + 500 = 2.500', '4,20 € + 0,80 € = 5 €', '2,00,000 − 50,000 = 1,50,000', '21 : 3 = 7', 'Nine sixes are fifty-four.', 'Five to the power of two is 25.', 'Area = 5 × 4 = 20 cm²', 'Volume = 3 × 3 × 3 = 27 cm³', 'Speed = 150 ÷ 3 = 50 km/h',
        'π ≈ 3.142', '√3 ≈ 1.73', '5/9 ≈ 0.56', '5! = 120', '∛64 = 4', '|−2| = 2', 'A year has 365 days.', 'A year has 52 weeks.', '1 decade = 10 years', 'Forty percent of 50 is 20.', '3 t = 3000 kg', '4 A × 3 Ω = 12 V', '−5 × −2 = 10', '(−3)² = 9', '1.20 € = 120 cents', '6 × 9 comes to 54.',
        'Half of seven is 3.5.', 'One quarter plus one half is three quarters.', '1 t = 1000 kg', '45° + 45° = 90°', '25% = 1/4', '0.375 = 3/8', '2 × 10^4 = 20 000', '12 V ÷ 3 Ω = 4 A', '100 cm is the same as 1 m.', '16 ÷ 5 = 3 remainder 1', '5 × 5 which is 25', '1/2 of 30 = 15', '6 + 7 = 13',
    ],
    'none' => [
        'Mia believes 7 × 7 = 47.', 'Could 3/5 = 6/9?', 'Chapter 2 = the journey', 'Blue = 4, Red = 7', 'If 2 × 2 were 5, sums would be odd.', 'A slip: 2/5 + 1/5 = 3/10.', 'k − 4 = 10',
        'Right or wrong: 9 × 9 = 83', 'Do you agree? 5 + 8 = 14', 'Some children write 3³ = 9.', 'Omar’s answer: 8 × 7 = 54', 'Never put 5² = 25 × 2 = 10!', 'If 3 + 3 = 7 were true, what then?', 'Suppose 4 × 4 = 15.', 'It isn’t true that 6² = 12.', 'In clock arithmetic 8 + 6 = 2.', 'Roughly 31 × 3 = 90',
        '€1 = £0.86 this week', 'A pupil wrote “7 × 6 = 43”.', 'Can 15 × 15 = 250?', 'Guess first: 8 × 13 = 100', 'A typical slip is 2/3 + 1/2 = 3/5.', 'Do not write 0.2 × 0.2 = 0.4.', 'Let a = 3 and b = 9.', 'Part 2 = the middle', 'The score was 4 : 1', 'On the plan 1 cm = 2 m', 'Group B = 14 pupils', '2 cups = breakfast', 'Ida reckons 6 × 6 = 30.',
        'Which one holds, 4 × 5 = 20 or 4 × 5 = 25?', 'Imagine 12 − 4 = 7.', 'False: 3/6 = 1/3', '1 month = 31 days', 'In base 5, 4 + 1 = 10.', 'Estimate: 52 × 19 = 1000', 'The answer she gave was 26 + 6 = 31.', 'Is twelve times twelve 142?', 'First guess: 200 ÷ 9 = 20', 'g(x) = 2x − 1', 'Table 7 = window side', 'Not 5 × 2 = 7, mind you.', 'You may think 0.3 × 0.3 = 0.9.', 'Check whether 9 + 6 = 14 is true.', 'Someone claimed that 2 + 3 × 4 = 20.', 'Pretend that 1 + 2 = 4.', 'Round 7.2 to 7.',
    ],
];

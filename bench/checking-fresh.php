<?php

declare(strict_types=1);

// Sentences written after the checker was rewritten once more, to work on it with. The other half lies in held-out.php.

return [
    'false' => [
        'The rope is 8 m, and 8 m = 80 cm.', '5/8 = 0.58', 'A dozen eggs is 10 eggs, since 1 dozen = 10.', '18 − 9 + 2 = 7', '1.2 kg = 120 g', 'Half of 34 is 18.', '√49 + 2 = 10', '0.5² = 1', '2/9 + 4/9 = 6/18', '25 × 4 = 90',
        'Eight times nine is seventy-four.', 'So 13 × 7 = 81 altogether.', 'Seven squared comes to 48.', '2,4 + 1,3 = 3,9', 'The perimeter is 4 × 6 cm = 20 cm.',
        'Area = 7 × 3 = 21 cm', 'Volume = 4 × 3 × 2 = 24 cm²', 'Speed = 120 ÷ 4 = 30 km', 'A third of 27 is 8.', 'Twenty percent of 50 is 12.',
        '5/8 + 1/8 = 6/16', '0.4 = 1/4', '√49 = 8', '4³ = 12', '10² = 20', '3.5 km = 350 m', '2 h 20 min = 120 min', '£5 − £1.75 = £4.25',
        'Half of 37 is 18.', 'Fifteen shared between five is four.', '−4 + 9 = 6', '7 − 12 = 5', '6 × (4 + 2) = 26', '100 ÷ 8 = 12', '1.25 × 4 = 6',
        'Three quarters of 60 is the same as 40.', 'Two to the power of five is 10.', 'π ≈ 3.41', '1/3 ≈ 0.43', '√5 ≈ 2.42', 'When we round 7.86 to one decimal place we get 7.8.',
        'V = I R = 3 A × 4 Ω = 7 V', '|−9| = −9', '∛64 = 8', '³√125 = 25', '4! = 16', '12 : 4 = 4', '25 kg + 30 kg = 65 kg', '0.6 × 0.4 = 2.4', 'Nine hundred minus four hundred gives us six hundred.',
        'Density = 60 ÷ 20 = 3 g', 'Eleven less than twenty is eight.', 'The mean is (4 + 6 + 8)/3 = 7.', '3 × 10^2 = 30', '5 m² = 500 cm²', '1 litre = 100 ml', '72 km/h = 72 m/s', 'A quarter plus a half is one third.',
        '45 minutes is half an hour.', '9 + 8 = 18.',
    ],
    'true' => [
        'A rope of 8 m is 800 cm: 8 m = 800 cm.', '5/8 = 0.625', '7 × 6 = 42 and 6 × 7 = 42', '1.2 kg = 1200 g', 'Half of 34 is 17.', '√49 + 2 = 9', '0.5² = 0.25', '2/9 + 4/9 = 6/9',
        '1,5 + 2,5 = 4', '0,2 = 1/5', '1.000 + 250 = 1.250', '12,50 € + 7,50 € = 20 €', '1,00,000 + 50,000 = 1,50,000', '10 : 2 = 5', 'Eight sevens are fifty-six.', 'Six to the power of two is 36.',
        'Area = 6 × 3 = 18 cm²', 'Volume = 2 × 3 × 5 = 30 cm³', 'Speed = 90 ÷ 3 = 30 km/h', '2π ≈ 6.28', '√2 ≈ 1.41', '1/7 ≈ 0.14', '22/7 ≈ 3.14', '4! = 24', '∛27 = 3', '|−6| = 6', 'Seven gives us double that: 2 × 7 = 14.',
        'A year is 365 days.', 'A year is 52 weeks.', '1 year = 12 months', 'Thirty percent of 200 is 60.', '300 K = 300 K', '2 t = 2000 kg', '5 A × 2 Ω = 10 V', '3 V ÷ 1.5 A = 2 Ω', '−3 × −4 = 12', '(−2)² = 4', '2.50 € = 250 cents',
        '7 × 8 comes to 56.', 'Half of nine is 4.5.', 'Three quarters plus one quarter is one.', '1 m = 100 cm', '90° + 90° = 180°', '50% = 1/2', '0.125 = 1/8', '4 × 25 which is 100', '60 minutes is the same as an hour.', '1.5 × 10^3 = 1500',
    ],
    'none' => [
        'Leo thinks 5 × 5 = 20.', 'Does 2/3 = 4/5?', 'Page 7 = the answers', 'Team A = 3, Team B = 5', 'If 1 + 1 were 3, we would be rich.', 'A wrong way: 1/2 + 1/3 = 2/5.', 'n + 2 = 9',
        'True or false? 8 × 8 = 66', 'Agree or disagree: 6 + 7 = 14', 'Some pupils write 2³ = 6.', 'Mia’s answer: 9 × 6 = 56', 'Never write 3² = 6!', 'If 1 + 1 = 3, what follows?', 'Suppose 2 × 2 = 5.', 'It is not the case that 4² = 8.',
        'On the clock 10 + 5 = 3.', 'About 19 × 5 = 100', '£1 = $1.30 today', 'Somebody wrote “6 × 7 = 41”.', 'Could 12 × 12 = 124?', 'My guess: 7 × 12 = 80', 'A common slip is 1/2 + 1/3 = 2/5.', 'Don’t say that 0.5 × 0.5 = 2.5.',
        'Let x = 5 and y = 7.', 'Chapter 3 = the long one', 'Score: 3 : 2', 'A map with 1 cm = 5 km', 'Team A = 12 points', '3 apples = a snack', 'Leo reckons 5 × 5 = 20.', 'Which is right, 3 × 4 = 12 or 3 × 4 = 14?', 'Imagine 10 − 3 = 8.',
        'Wrong: 2/4 = 1/4', '1 month = 30 days', 'In base 8, 7 + 1 = 10.', 'Estimate: 48 × 21 = 1000', 'The answer he gave was 17 + 5 = 21.', 'Is eleven times eleven 111?', 'Guess: 100 ÷ 7 = 15', 'Write = between 3 and 5', 'f(x) = 3x + 2', 'Room 4 = maths',
        'Some say 0.999 = 1.', 'Not 4 × 3 = 7, of course.', 'You might think 0.1 × 0.1 = 0.1.', 'Say whether 8 + 5 = 12 holds.', 'Round 4.6 to 5.',
    ],
];

<?php

declare(strict_types=1);

// What was typed and is no such quantity.
return [
    'ambiguous_comma' => '":written" can mean two numbers. Write :thousands or :decimal.',
    'divides_by_zero' => '":written" divides by zero. Write a fraction such as 3/8.',
    'empty_length' => 'Write a length, such as 40 cm, 16 in or 2\' 6".',
    'no_density' => 'The label gives no density of this part: write it down in ml.',
    'no_length' => '":written" is not a length. Write it as 40 cm, 16 in, 2\' 6" or 3/8.',
    'no_number' => '":written" is not a number. Write digits, such as 21 or 21.5.',
    'no_temperature' => '":written" is not a temperature. Write it as 21, 21 °C or 70 °F.',
    'no_time' => '":written" is not a time. Write it as 30 min, 3 h, 3-4 h or 1 day.',
    'no_viscosity' => '":written" is not a thickness. Write it as 900 cps or 0.9 Pa·s.',
    'no_volume' => '":written" is not an amount of liquid. Write it as 38 ml, 1.5 l, 5 fl oz, 2 1/2 tbsp or 3 in³.',
    'out_of_range' => ':written is out of range: write a number from :least to :most.',
];

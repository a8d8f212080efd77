<?php

declare(strict_types=1);

// Files that cannot be read.
return [
    'ends_too_soon' => 'This is not JSON from line :line, column :column on: it ends too soon.',
    'fault' => ':pointer: :what',
    'no_object' => 'This is not a JSON object: it begins with { and ends with }.',
    'not_json_after' => 'This is not JSON, somewhere after line :line, column :column.',
    'not_json_from' => 'This is not JSON from line :line, column :column on: ":found".',
    'not_utf8' => 'This is not JSON: the text is not UTF-8.',
    'nothing_read' => 'Nothing was read. :faults',
    'nothing_read_and_more' => 'Nothing was read. :faults And :more more.',
    'too_large' => 'The file is larger than 20 MB.',
    'too_many_values' => 'The file holds more than two million values, which no plan does.',
    'unreadable' => 'This is JSON that cannot be read.',
];

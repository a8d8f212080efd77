<?php

declare(strict_types=1);

// Drawings that give no outline.
return [
    'apart' => 'This drawing holds :count shapes that lie apart: keep one piece in a file, with its holes inside it.',
    'bad_transform' => 'This transform cannot be read: ":transform".',
    'animation' => 'animation',
    'copies' => 'linked copies',
    'entities' => 'a document type or entities',
    'foreign' => 'foreign content',
    'link' => 'a link to another place',
    'links' => 'links',
    'many_shapes' => 'more than :most shapes',
    'nested' => 'groups nested more than :deepest deep',
    'no_shapes' => 'There is no shape in this drawing: it needs a path, a circle, a rectangle, an ellipse or a polygon.',
    'no_size' => 'This drawing does not say how large it is: give the width of the piece.',
    'picture' => 'a picture',
    'refused' => 'This drawing holds :what, which is not taken in from a file: save it as plain shapes and paths.',
    'script' => 'a script',
    'text' => 'text',
    'too_large' => 'This drawing is larger than 5 MB: save it without its pictures.',
    'unreadable' => 'This is no SVG drawing that can be read.',
];

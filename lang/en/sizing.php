<?php

declare(strict_types=1);

// Coats whose amount cannot be worked out.
return [
    'all_inclusions' => 'The inclusions take :solid ml of a layer of :film ml: nothing would be left to pour. Plan fewer, or a deeper layer.',
    'another_zone' => 'another one',
    'mixed_too_little' => 'So little would all go into edges, soak, cups and margin: more than :needed ml a piece leave a film.',
    'no_face' => 'This piece has no outline, and so no face to spread a film on: size the coat by ml_per_piece, or by rest_leaving_ml in a mould.',
    'no_mould' => 'Only a piece with a recess, or one measured by water, can be filled up: give it recess_mm or water_g.',
    'no_outline_to_hold' => 'A film is held by an outline: give the piece one, or the zone its own, or write dammed.',
    'no_such_film' => 'comes to a film of :film mm, which must lie between :least and :most mm.',
    'nothing_left' => 'Nothing is left to fill: the earlier coats leave :left :unit.',
    'runs_off' => 'So much cannot stay on this face: at most about :most mm do, however much is laid. Lay it in several coats, hold it at the edge, or make the edge sharper.',
    'shares_past_whole' => 'The zones of this layer add up to :percent %: make them 100 % or less.',
    'zone_named' => '":name"',
    'zone_outside' => 'This zone lies outside the piece: move it onto the face.',
    'zone_without_face' => 'A zone lies on a face: give the piece an outline.',
    'zones_overlap' => 'This zone lies over :name in layer :layer: zones of one layer do not overlap. Move it, or put it in the next layer.',
];

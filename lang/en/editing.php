<?php

declare(strict_types=1);

// What is said when something was changed elsewhere since it was read.
return [
    'stale' => 'Changed meanwhile :where, at :at: :fields. What you typed still stands here.',
    'stale_value' => 'Changed meanwhile :where, at :at: :fields, from :from to :to. What you typed still stands here.',
    'another_tab' => 'in another tab',
    'device' => 'on :device',
    'nothing' => 'nothing',
    'fields' => [
        'name' => 'the name',
        'thickness_mm' => 'the film in mm',
        'total_depth_mm' => 'the depth in mm',
        'ml_per_piece' => 'the amount for each piece',
        'ml_per_cm2' => 'the spread rate',
        'edge_angle_deg' => 'the angle at the edge',
        'containment' => 'what it does at the edge',
        'resin' => 'the resin',
        'width_mm' => 'the width in mm',
        'height_mm' => 'the height in mm',
        'diameter_mm' => 'the diameter in mm',
        'edge_depth_mm' => 'how deep the edge is, in mm',
        'coated_edges' => 'which edges are coated',
        'surface' => 'the surface',
        'quantity' => 'how many there are',
        'temperature_c' => 'the room in °C',
        'humidity_pct' => 'the humidity in %',
        'runoff_pct' => 'the run-off in %',
        'edge_film_mm' => 'the film on the edge in mm',
        'batches' => "tonight's cups",
        'steps' => 'the steps',
        'open_min' => 'the open time in min',
        'best_before' => 'until when it is good',
        'bought_ml' => 'how much was bought',
        'price' => 'what was paid',
    ],
];

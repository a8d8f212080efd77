<?php

declare(strict_types=1);

// What figures hang on, where a range names its causes: by the plan file's field.
return [
    'activation_kj_mol' => 'how it sets by temperature',
    'advancing_angle_deg' => 'how it wets an edge',
    'conductivity_w_m_k' => 'how it conducts heat',
    'density_a_g_ml' => 'the typical density of part A',
    'density_b_g_ml' => 'the typical density of part B',
    'edge_film_mm' => 'the edge film',
    'edge_radius_mm' => 'how round the edges are',
    'emptied_min' => 'your hands',
    'full_cure_h' => 'when it is cured',
    'handle_h' => 'when it can be handled',
    'heat_kj_kg' => 'the heat of its reaction',
    'heat_loss_w_m2_k' => 'how fast it loses heat',
    'layer_heat_kj_kg' => 'the heat of its reaction in a layer',
    'open_min' => 'the label\'s open time',
    'pot_life_min' => 'the label\'s pot life',
    'recoat_from_h' => 'when its window opens',
    'recoat_to_h' => 'when its window shuts',
    'residue_film_mm' => 'what the cups keep',
    'runoff_pct' => 'the run-off',
    'sand_from_h' => 'when it can be sanded',
    'soak_ml_m2' => 'the soak',
    'surface_tension_n_m' => 'the surface tension',
    'temperature_c' => 'the temperature of the room',
    'temperatures' => 'the temperature of the room',
    'viscosity_pa_s' => 'the thickness of the resin',
];

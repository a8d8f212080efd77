<?php

declare(strict_types=1);

// What a coat wants done before its pour and after it, by the rule: what, and how.
return [
    'check_leaks' => [
        'how' => 'A lamp behind every seam. Resin finds each one, all night.',
        'title' => 'Check for leaks',
    ],
    'clean' => [
        'how' => 'Skin oil repels resin. A trace of acrylic paint on the cloth is normal. Let it dry: no vapour under a flame.',
        'title' => 'Wipe it with alcohol',
    ],
    'dam_border' => [
        'how' => 'Slick side in, every seam sealed with hot glue.',
        'title' => 'Seat the border all round',
    ],
    'dam_drape' => [
        'how' => 'No seams, but nobody knows what it holds: pour in stages, and add up.',
        'title' => 'Drape the plastic over the former',
    ],
    'dam_frame' => [
        'how' => 'Glued, every seam sealed from outside.',
        'title' => 'Fit and seal the frame',
    ],
    'dam_tape' => [
        'how' => 'Tape sags under a deep pour: blocks behind it, all round.',
        'title' => 'Tape the edge, and prop it',
    ],
    'degrease' => [
        'how' => 'Let it harden first. Then wipe, sand, and wash with alcohol until no trace smears; all of it gone before any heat. Sides and bench too.',
        'title' => 'Wipe the oil off',
    ],
    'demould' => [
        'how' => 'Earlier it bends. Snip while the flash still cuts.',
        'title' => 'Demould when hard, snip the flash',
    ],
    'dry_media' => [
        'how' => 'Brushed into the mould or onto the hard film, the excess blown off away from wet work. It adds no volume, and a weaker bond where it lies between coats.',
        'title' => 'Dry media: :media',
    ],
    'file_lip' => [
        'how' => 'Level all round: its lowest point sets what it holds. Tape flush with the rim, never above.',
        'title' => 'Snap and file the lip level',
    ],
    'glue_down' => [
        'how' => 'And seal both faces. It comes out a little darker even so.',
        'title' => 'Glue it down, flat',
    ],
    'glue_inclusions' => [
        'how' => 'What floats rises into the film.',
        'title' => 'Glue :names down',
    ],
    'level' => [
        'how' => 'In two directions, to about a millimetre in a metre or better.',
        'title' => 'Level the bench, then the piece',
    ],
    'lip' => [
        'how' => 'Its lowest point sets what it holds.',
        'title' => 'Look along the lip',
    ],
    'open_holes' => [
        'how' => 'Break any bridge over a hole before it sets.',
        'title' => 'Pull the film round the holes',
    ],
    'own' => ':text',
    'place_on_top' => [
        'how' => 'After the last heat, when the film is thick. It cannot be moved later.',
        'title' => 'Place :names on top',
    ],
    'pull_tape' => [
        'how' => 'While the film is firm but not hard; warm it a little if it is.',
        'title' => 'Pull the tape with its drips',
    ],
    'raise' => [
        'how' => 'So that drips fall free, and a finger reaches along the lower edge.',
        'title' => 'Raise it on cups or stands',
    ],
    'release' => [
        'last_time' => 'A thin mist, dry before the pour. Last time: :release.',
        'title' => 'Clean the mould, and spray release',
        'write_down' => 'A thin mist, dry before the pour. Write down which.',
    ],
    'sand' => [
        'how' => 'Until no gloss is left: the scratch is what the next coat holds on to. Wipe the dust off with alcohol.',
        'old_paint' => 'Until no gloss is left and nothing flakes: what lies under the resin must hold by itself. Old paint may hold lead: test it first, then sand it wet and take up all of the dust.',
        'old_film' => 'An old film has no window: the scratch is what the next coat holds on to.',
        'title' => 'Sand with 220 to 320',
    ],
    'seal_inclusions' => [
        'how' => 'Set them while the sealer is tacky, so that they stay; then let it dry before the pour.',
        'title' => 'Seal :names',
    ],
    'seal_twice' => [
        'how' => 'Two thin coats brushed across each other, not a pinhole missed: else it drinks resin, darkens, and feeds bubbles for an hour.',
        'old_paint' => 'Two thin coats, dry: old paint can lift under resin, bleed into it, or repel it.',
        'title' => 'Seal it twice, and let it dry',
    ],
    'set_inclusions' => [
        'how' => 'In the film they can be nudged for about half an hour.',
        'title' => 'Set :names',
    ],
    'strip_dam' => [
        'how' => 'When it can be handled. Trim where resin leaked under it.',
        'title' => 'Strip the dam',
    ],
    'support' => [
        'how' => 'Else the pour sags into a pool.',
        'title' => 'Support the canvas behind its middle',
    ],
    'tape_underside' => [
        'how' => 'Up to the edge, and trimmed: the drips come away with it.',
        'title' => 'Tape the underside',
    ],
    'turn' => [
        'how' => 'Only when it can be handled: earlier it bends. A little water frees a stuck casting. It has no window then.',
        'title' => 'Demould or turn it',
    ],
    'wash_release' => [
        'how' => 'With soap and water, and dry: what was sprayed in the mould keeps the next coat from wetting.',
        'title' => 'Wash the release off',
    ],
    'water_test' => [
        'how' => 'When it is cured. Damp outside, or water in its walls, and it wants another coat.',
        'title' => 'Stand it full of water for half an hour',
    ],
    'window_or_sand' => [
        'how' => 'While it is tacky and takes no print the next coat bonds by itself. Past that: sand with 220 to 320, wipe, pour. Before it, it would sink and wrinkle.',
        'title' => 'In its window pour on; past it, sand',
    ],
    'wipe' => [
        'how' => 'There is no key then: it can peel. It is written down, and asked about when you look back.',
        'title' => 'Wipe it with alcohol, without sanding',
    ],
];

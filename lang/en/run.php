<?php

declare(strict_types=1);

// What is said beforehand of an evening at the bench.
return [
    'gelled' => 'Do not pour :film: it has gelled. Mix it anew.',
    'late' => 'One pair of hands comes late to :count acts, the latest :late: :act, :film. A second pair keeps them in time; or skip the looks.',
    'late_one' => ':act, :film, comes :late late with one pair of hands. A second pair keeps it in time.',
    'lost' => 'One pair of hands does not come to :count acts before their films have closed; the first: :act, :film. Have a helper do them, or skip them and pick by hand.',
    'lost_one' => 'One pair of hands does not come to ":act" of :film before its film has closed. Have a helper do it, or skip it and pick by hand.',
    'no_flame' => 'No flame and no heat gun over anything for another :left: vapours of :film burn until it is tack-free. Passes wait, or are left out; breath, a straw or a pin.',
    'parted' => 'One pair of hands comes with ":act" to :pieces of the :of pieces of :film before the film has closed. Have a helper do the others, or skip them and pick by hand.',
];

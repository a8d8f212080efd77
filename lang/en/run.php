<?php

declare(strict_types=1);

// What is said beforehand of an evening at the bench.
return [
    'gelled' => 'Do not pour :film: it has gelled. Mix it anew.',
    'late' => 'One pair of hands comes late to :count acts, the latest :late: :act, :film.',
    'late_one' => ':act, :film, comes :late late with one pair of hands.',
    'lost' => 'One pair of hands does not come to :count acts before their films have closed; the first: :act, :film.',
    'lost_one' => 'One pair of hands does not come to ":act" of :film before its film has closed.',
    'no_flame' => 'No flame and no heat gun over anything for another :left: vapours of :film burn until it is tack-free. Passes wait, or are left out; breath, a straw or a pin.',
    'parted' => 'One pair of hands comes with ":act" to :pieces of the :of pieces of :film before the film has closed. Have a helper do the others, or skip them and pick by hand.',
    'second_leaves' => 'A second pair of hands leaves :left of those :of; without one skip looks, and pick by hand.',
    'second_leaves_none' => 'A second pair of hands comes to all of it in time; without one skip looks, and pick by hand.',
];

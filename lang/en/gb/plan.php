<?php

return [
    'land' => ':box: connect :points in :on (:role).',
    'join' => ':box: join :points in a :connector (:role).',
    'mark' => ':box: sleeve :end as :as.',
    'unmark' => 'Take the sleeve off :points.',
    'impossible' => [
        'wrong-parts' => 'This cannot be wired: use one switch, or two two-way switches with intermediates between them.',
        'no-right-wiring' => 'Anything wired here breaks a rule. Look for a missing earth.',
    ],
    'asked-by' => [
        'neutral-by-code' => 'The missing core is the neutral required at a switch.',
        'neutral-by-board' => 'The missing core is the neutral that this board requires at its switches.',
    ],
    'no-neutral' => 'Run :cable has no blue core for the neutral (:scheme).',
    'shortage-white' => 'Run :cable has :has cores and needs :needs; a white single cannot be line (:scheme).',
    'shortage' => 'Run :cable has :has insulated cores and needs :needs (:scheme).',
    'order' => [
        'box-by-box' => 'Box by box, earths first (CPC to the box or to the plate first: either is right)',
        'farthest-first' => 'Farthest first, strappers last',
    ],
];

<?php

return [
    'land' => ':box: connect :points in :on (:role).',
    'join' => ':box: join :points in a :connector (:role).',
    'mark' => ':box: sleeve :end as :as.',
    'unmark' => 'Take the sleeve off :points.',
    'impossible' => [
        'wrong-parts' => 'This cannot be wired: a control takes one switch, or two two-way switches with intermediates between them.',
        'no-right-wiring' => 'Everything that can be wired here breaks a rule: look for a missing earth.',
    ],
    'asked-by' => [
        'neutral-by-code' => 'The missing core is for the neutral that is asked for at a switch.',
        'neutral-by-board' => 'The missing core is for the neutral that this board asks for at its switches.',
    ],
    'no-neutral' => 'Run :cable has no blue core for the neutral (:scheme).',
    'shortage-white' => 'Run :cable has :has cores and needs :needs; a white single can be no line (:scheme).',
    'shortage' => 'Run :cable has :has insulated cores and needs :needs (:scheme).',
    'order' => [
        'box-by-box' => 'Box by box, earths first (CPC to the box or to the plate first: either is right)',
        'farthest-first' => 'Farthest first, strappers last',
    ],
];

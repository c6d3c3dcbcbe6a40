<?php

return [
    'land' => ':box: land :points on :on (:role).',
    'join' => ':box: splice :points in a :connector (:role).',
    'mark' => ':box: tape :end as :as.',
    'unmark' => 'Take the tape off :points.',
    'impossible' => [
        'wrong-parts' => 'This cannot be wired: use one switch, or two three-ways with four-ways between them.',
        'no-right-wiring' => 'Anything wired here breaks a rule. Look for a missing ground.',
    ],
    'asked-by' => [
        'neutral-by-code' => 'The missing conductor is the neutral that :section requires at a switch.',
        'neutral-by-board' => 'The missing conductor is the neutral that this board requires at its switches.',
    ],
    'no-neutral' => 'Run :cable has no white or gray for the neutral (:scheme).',
    'shortage-white' => 'Run :cable has :has conductors and needs :needs; a white single cannot be a hot (:scheme).',
    'shortage' => 'Run :cable has :has insulated conductors and needs :needs (:scheme).',
    'order' => [
        'box-by-box' => 'Box by box, grounds first',
        'farthest-first' => 'Farthest first, travelers last',
    ],
];

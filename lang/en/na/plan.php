<?php

return [
    'land' => ':box: land :points on :on (:role).',
    'join' => ':box: splice :points in a :connector (:role).',
    'mark' => ':box: tape :end as :as.',
    'unmark' => 'Take the tape off :points.',
    'impossible' => [
        'wrong-parts' => 'This cannot be wired: a control takes one switch, or two three-ways with four-ways between them.',
        'no-right-wiring' => 'Everything that can be wired here breaks a rule: look for a missing ground.',
    ],
    'asked-by' => [
        'neutral-by-code' => 'The missing conductor is for the neutral that :section asks for at a switch.',
        'neutral-by-board' => 'The missing conductor is for the neutral that this board asks for at its switches.',
    ],
    'no-neutral' => 'Run :cable has no white or gray for the neutral (:scheme).',
    'shortage-white' => 'Run :cable has :has conductors and needs :needs; a white single can be no hot (:scheme).',
    'shortage' => 'Run :cable has :has insulated conductors and needs :needs (:scheme).',
    'order' => [
        'box-by-box' => 'Box by box, grounds first',
        'farthest-first' => 'Farthest first, travelers last',
    ],
];

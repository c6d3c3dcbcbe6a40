<?php

return [
    'three-way' => 'three-way switch',
    'four-way' => 'four-way switch',
    'one-pole' => 'single-pole switch',
    'light' => 'lampholder',
    'receptacle' => 'receptacle, always hot',
    'junction' => 'junction box',
    'earths' => 'grounds',
    'leakage-breaker' => 'GFCI',
    'place' => [
        'junction-box' => 'Junction',
    ],
];

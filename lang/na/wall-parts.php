<?php

return [
    'three-way' => 'three-way switch',
    'four-way' => 'four-way switch',
    'one-pole' => 'single-pole switch',
    'light' => 'lampholder',
    'receptacle' => 'receptacle, always hot',
    'junction' => 'junction box',
    'place' => [
        'junction-box' => 'Junction',
    ],
];

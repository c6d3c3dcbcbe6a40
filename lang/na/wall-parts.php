<?php

return [
    'three-way' => 'three-way switch',
    'four-way' => 'four-way switch',
    'one-pole' => 'single-pole switch',
    'light' => 'lampholder',
    'luminaire' => 'luminaire',
    'receptacle' => 'receptacle, always hot',
    'junction' => 'junction box',
    'place' => ['switch-box' => 'Place', 'light-box' => 'Light', 'ceiling-rose' => 'Light', 'junction-box' => 'Junction'],
];

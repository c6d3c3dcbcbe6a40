<?php

return [
    'three-way' => 'two-way switch',
    'four-way' => 'intermediate switch',
    'one-pole' => 'one-way switch',
    'rose' => 'ceiling rose with pendant',
    'light' => 'batten lampholder',
    'luminaire' => 'luminaire',
    'junction' => 'joint box',
    'place' => ['switch-box' => 'Place', 'light-box' => 'Light', 'ceiling-rose' => 'Light', 'junction-box' => 'Joint box'],
];

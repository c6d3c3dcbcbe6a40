<?php

return [
    'luminaire' => 'luminaire',
    'place' => [
        'switch-box' => 'Place',
        'light-box' => 'Light',
        'ceiling-rose' => 'Light',
    ],
];

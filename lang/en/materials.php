<?php

return [
    'allowed' => ':end at each end, :waste % waste, rounded up to :round',
    'unknown' => 'length unknown',
    'cap' => 'cap for a spare end',
    'kind' => ['device' => 'device', 'box' => 'box', 'cable' => 'cable', 'connector' => 'connector', 'cap' => 'cap', 'mark' => 'mark', 'support' => 'support'],
    'box' => [
        'switch-box-metal' => 'metal box for a switch', 'switch-box-plastic' => 'plastic box for a switch',
        'light-box-metal' => 'metal box for a light', 'light-box-plastic' => 'plastic box for a light',
        'junction-box-metal' => 'metal junction box', 'junction-box-plastic' => 'plastic junction box',
    ],
    'columns' => [
        'materials' => ['kind', 'what', 'amount'],
        'cuts' => ['cable', 'type', 'from', 'to', 'run', 'cut'],
        'labels' => ['cable', 'end', 'other', 'carries'],
    ],
];

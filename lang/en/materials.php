<?php

return [
    'allowed' => ':free free conductor and :sheath sheath at each end, :waste % waste, rounded up to the next :round',
    'piece' => 'each',
    'total' => '{0} Total: :sum|{1} Total without the one item that has no price: :sum|[2,*] Total without the :count items that have no price: :sum',
    'unknown' => 'length unknown',
    'standard-box' => ['device' => ':size in device box, :depth in deep', 'octagon' => ':size in octagon box, :depth in deep', 'square' => ':size in square box, :depth in deep'],
    'cap' => 'cap for a spare end',
    'kind' => ['device' => 'device', 'box' => 'box', 'cable' => 'cable', 'entry' => 'cable entry', 'connector' => 'connector', 'cap' => 'cap', 'mark' => 'mark', 'support' => 'support'],
    'box' => [
        'switch-box-metal' => 'metal box for a switch', 'switch-box-plastic' => 'plastic box for a switch',
        'light-box-metal' => 'metal box for a light', 'light-box-plastic' => 'plastic box for a light',
        'junction-box-metal' => 'metal junction box', 'junction-box-plastic' => 'plastic junction box',
    ],
    'columns' => [
        'materials' => ['kind', 'what', 'amount', 'cost', 'short'],
        'cuts' => ['cable', 'type', 'from', 'to', 'run', 'cut'],
        'schedule' => ['box', 'cable', 'conductor', 'carries', 'lands on', 'mark'],
        'labels' => ['cable', 'end', 'other', 'carries'],
    ],
];

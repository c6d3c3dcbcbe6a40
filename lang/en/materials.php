<?php

return [
    'allowed' => ':free of free conductor and :sheath of sheath at each end, :waste % waste, rounded up to the next :round',
    'piece' => 'each',
    'total' => '{0} All of it: :sum|{1} All but the one line without a price: :sum|[2,*] All but the :count lines without a price: :sum',
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

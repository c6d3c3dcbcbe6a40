<?php

return [
    'between' => 'Between :from and :to:',
    'open' => 'Open: no continuity between them.',
    'ohm' => ':ohm Ω',
    'volt' => ':volt V',
    'tripped' => '0.0 V: the supply has tripped in this switch position.',
    'no-length' => 'No length given for :runs, so those runs count as zero.',
    'floats' => 'Nothing connects :at to the supply in this switch position. A sensitive meter may show a ghost voltage there.',
    'caution-live' => 'Only work live if you are allowed to, with a tester proved before and after. A simulation proves nothing about a real board.',
];

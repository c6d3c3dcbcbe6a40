<?php

return [
    'between' => 'Between :from and :to:',
    'open' => 'Open: no way from one to the other.',
    'ohm' => ':ohm Ω',
    'volt' => ':volt V',
    'tripped' => '0.0 V: the supply has tripped in this position.',
    'no-length' => 'No length is given for :runs: those runs count as nothing.',
    'floats' => 'Nothing ties :at to the supply in this position: a sensitive meter may show a ghost voltage there.',
    'caution-live' => 'Live work is for those allowed to do it, with a tester proved before and after. A simulation proves nothing about a real board.',
];

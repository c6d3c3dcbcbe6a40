<?php

return [
    'board-title' => ':title (:practice)',
    'brief' => 'Converted from :practice.',
    'title' => ':title, converted to :practice',
    'device' => ':at: :before becomes :after.',
    'device-gone' => ':at: the other practice has nothing like :before here, so it is left out.',
    'rose-gone' => ':at: the blocks of the ceiling rose become splices in the box.',
    'supply' => ':at: the supply becomes one of :breaker A:rcd.',
    'rcd' => ' with a :ma mA RCD',
    'box-volume' => ':at: British practice does not count box fill, so the volume is left out.',
    'cable' => ':at: :before becomes :after.',
    'cable-split' => ':at: :before has more cores than a British cable; :after run side by side.',
    'cable-changed' => ':at: the nearest cable has too few conductors here; :after instead of :before.',
    'cable-fewer' => ':at: no neutral is needed at a switch here; :after will do instead of :before.',
    'cable-beside' => ':at: no single cable has what is needed here; a second one, :after, runs beside it.',
    'singles-beside' => ':at: a :after single is pulled in as well.',
    'scheme-dropped' => 'The board asked for :before, which cannot be wired here. Any method that works is accepted.',
    'no-plan' => 'No correct wiring was found for this board. Look at the cables.',
    'colour' => ':at: the :role is on :after, where it was on :before.',
    'return-rule' => [
        'na' => 'The rule that flips: in North America a white is never the return from a switch. Re-identified, it may only carry the hot down to the switch (NEC 200.7(C)); the return is black or red. In Britain the blue of a switch drop, sleeved brown, is usually the return. :where',
        'gb' => 'The rule that flips: in Britain the blue of a switch drop, sleeved brown, is always the return, and the brown takes the line down. In North America a white is never the return from a switch: re-identified, it may only carry the hot down to the switch (NEC 200.7(C)). :where',
    ],
    'return-rule-at' => 'On this board: :cables.',
    'return-rule-nowhere' => 'This board has no cable that takes the line to a switch and brings it back.',
    'neutral-rule' => [
        'na' => 'A neutral is brought to a switch location (NEC 404.2(C), from 2011; from 2017 one location is enough where several switches serve one light).',
        'gb' => 'No neutral is required at a switch.',
    ],
    'earth-rule' => [
        'na' => 'Bare grounds are spliced and connected to box and device; they need no sleeve.',
        'gb' => 'Bare CPCs are sleeved green-and-yellow at every end and connected at every point.',
    ],
    'position-rule' => [
        'na' => ':at: a toggle is on when it is up, and prints ON and OFF.',
        'gb' => ':at: a rocker on COM and L1 is on when its bottom is pressed.',
    ],
    'words' => 'In words: :pairs.',
    'word' => ':before becomes :after',
];

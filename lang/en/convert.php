<?php

return [
    'board-title' => ':title (:practice)',
    'brief' => 'Carried over from :practice.',
    'title' => ':title, carried over to :practice',
    'device' => ':at: :before becomes :after.',
    'device-gone' => ':at: the other practice has no counterpart of :before here; it is left out.',
    'rose-gone' => ':at: the blocks of the ceiling rose become splices in the box.',
    'supply' => ':at: the supply becomes one of :breaker A:rcd.',
    'rcd' => ' with a :ma mA RCD',
    'box-volume' => ':at: British practice has no count of box fill; the volume is left out.',
    'cable' => ':at: :before becomes :after.',
    'cable-split' => ':at: :before has more cores than a British cable; :after run side by side.',
    'cable-changed' => ':at: the counterpart is short of cores here; :after instead of :before.',
    'cable-fewer' => ':at: no neutral is needed at a switch here; :after will do instead of :before.',
    'cable-beside' => ':at: no single cable has what is needed here; a second one, :after, runs beside it.',
    'singles-beside' => ':at: a :after single is drawn in besides.',
    'scheme-dropped' => 'The board asked for :before; that cannot be wired here, and any scheme is taken.',
    'no-plan' => 'No right wiring was found for the board as it is now: look at the cables.',
    'colour' => ':at: the :role is on :after, where it was on :before.',
    'return-rule' => [
        'na' => 'The rule that flips: in North America a white is never the return from a switch. Re-identified, it may only carry the hot down to it (NEC 200.7(C)); the return is black or red. In Britain the blue of a switch drop, sleeved brown, is usually the return. :where',
        'gb' => 'The rule that flips: in Britain the blue of a switch drop, sleeved brown, always is the return, and the brown takes the line down. In North America a white is never the return from a switch: re-identified, it may only carry the hot down to it (NEC 200.7(C)). :where',
    ],
    'return-rule-at' => 'Here that is :cables.',
    'return-rule-nowhere' => 'This board has no cable that takes the line to a switch and brings it back.',
    'neutral-rule' => [
        'na' => 'A neutral is brought to a switch location (NEC 404.2(C), from 2011; from 2017 one location is enough where several switches serve one light).',
        'gb' => 'No neutral is asked for at a switch.',
    ],
    'earth-rule' => [
        'na' => 'Bare grounds are spliced and brought to box and device; they need no sleeve.',
        'gb' => 'Bare cpcs are sleeved green-and-yellow at every end and brought to every point.',
    ],
    'position-rule' => [
        'na' => ':at: a toggle is on when it is up, and prints ON and OFF.',
        'gb' => ':at: a rocker on COM and L1 is on when its bottom is pressed.',
    ],
    'words' => 'In words: :pairs.',
    'word' => ':before becomes :after',
];

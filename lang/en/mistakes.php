<?php

return [
    'what' => [
        'core-open' => ':first open along its run',
        'neutral-open' => ':first off: the neutral is open',
        'neutral-switched' => ':first and :second exchanged: the switch is in the neutral',
        'lamps-in-series' => ':first taken from :second: lights in series',
        'loose-terminal' => ':first loose at :second',
        'contact-dead' => 'a dead contact in :device (:screw to :other)',
        'contact-stuck' => ':device stuck in its :position position',
        'breaker-tripped' => 'the breaker tripped, and nothing wrong behind it',
    ],
    'position' => [
        'up' => 'up',
        'down' => 'down',
    ],
    'look' => ':box: look at what lands with :point.',
    'look-part' => ':box: read the print on :device.',
    'undoes' => 'It takes back: :what.',
    'title' => 'What flipping can and cannot tell: :count usual mistakes on this plan (:scheme)',
    'with-pairs' => 'Every two of them were looked at too.',
    'without-pairs' => 'Two at a time were left out: too many states.',
    'walk' => 'Every combination in :count flips: :flips',
    'group' => ':table: :count mistakes',
    'group-right' => ':table, as when it is right: :count mistakes that no flipping shows',
    'pairs' => 'and :count pairs',
    'tell' => 'To tell them apart:',
    'untold' => 'Nothing here tells apart: :what.',
    'flips' => 'After :flips:',
    'none-pass' => 'no usual mistake would have passed.',
    'passes' => ':what, from :from of :all positions',
    'no-plan' => 'There is no right wiring of this board to make mistakes on. :why',
];

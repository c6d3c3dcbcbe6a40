<?php

return [
    'after-the-change-then' => 'After the change: :then',
    'as-found-found' => 'As found: :found',
    'board-no' => 'Board no.',
    'boxes' => 'Boxes',
    'exchanged-took-its-place-the' => ':exchanged took its place: the two were swapped.',
    'fill-in-from-another-plan' => 'Fill in from another plan',
    'from-a-wiring-file' => 'From a wiring file',
    'nothing-to-change' => 'Nothing to change.',
    'one-by-one-by-number' => 'One by one, by number',
    'plan-from-this-board' => 'Plan from this board',
    'plan-from-this-wiring' => 'Plan from this wiring',
    'same-as-the-plan' => 'Same as the plan',
    'the-planner-keeps-every-connection' => 'The planner keeps every connection it can and lists what to disconnect and what to connect.',
    'the-sheet' => 'The sheet',
    'working-it-out' => 'Working it out …',
    'write-down-where-each-conductor' => 'Write down where each conductor goes before you disconnect anything.',
];

<?php

return [
    'page' => [
        'task' => 'Task', 'lighting-plan' => 'Lighting plan', 'board' => 'Board, to scale', 'schedule' => 'Wiring schedule', 'diagram' => 'Schematic', 'key' => 'Answer key, box by box',
        'materials' => 'Materials and cut list', 'mark-out' => 'Mark-out sheet', 'boxes' => 'In the boxes', 'readings' => 'Readings to expect',
        'labels' => 'Labels', 'blank-labels' => 'Labels, blank for an exam', 'as-found' => 'As-found sheet',
    ],
    'board' => ', board :number',
    'write-down' => 'Write down what each conductor carries and where it lands.',
    'lighting-plan-note' => 'What hangs where, and which switch works which light. The dashed lines are no cables.',
    'sign' => 'Name ____________________    Station ________    Date ____________',
    'open-boxes' => 'Each box opened: conductor ends at the left with what they carry (a black band is tape or sleeve), screws and leads at the right, a triangle where a connector joins.',
    'seat' => 'Seat :seat · :trainee', 'seat-key' => 'answer key', 'minutes' => ':minutes minutes.',
    'stands' => 'Wired already: :boxes.', 'stands-as-found' => 'Something stands already: take it down on an as-found sheet before anything comes off.',
    'cut-list' => 'Cut list',
    'fold' => 'Folding :box, the rearmost first',
    'rose' => 'The rose at :rose',
    'spares' => 'Ends to cap',
    'no-spares' => 'Every conductor end is used.',
    'as-found' => 'Isolate, lock off, prove dead. Before anything comes off, write down where every conductor lands and what its tape or sleeve says. Then it can come off.',
    'columns' => [
        'blank' => ['box', 'cable', 'conductor', 'carries', 'lands on'],
        'as-found' => ['box', 'cable', 'conductor', 'lands on, or is joined with', 'tape or sleeve'],
        'mark-out' => ['box', 'from the left, to its middle', 'height of its middle', 'stud', 'depth of the box'],
        'rose' => ['block', 'holes taken'],
        'spares' => ['box', 'ends'],
        'readings' => ['between', 'with', 'the meter should read'],
    ],
];

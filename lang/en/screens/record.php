<?php

return [
    'class-and-tasks' => 'Class and tasks',
    'columns-of-the-table' => 'Columns of the table',
    'from' => 'from',
    'got-of-total-passes' => ':got of :total :passes',
    'got-of-total-so-far' => ':got of :total so far',
    'newest-first-entries-are-never' => 'Newest first. Entries are never changed or deleted.',
    'no-mark' => 'no mark',
    'no-task-has-been-set' => 'No task has been set for this class yet.',
    'not-begun' => 'not begun',
    'nothing-on-record-yet' => 'Nothing on record yet.',
    'record' => 'Record',
    'take-the-table' => 'Take the table',
    'the-clock' => 'the clock',
    'the-grid' => 'The grid',
    'the-record' => 'The record',
    'the-term' => 'The term',
    'to' => 'to',
    'trainee' => 'trainee',
    'working' => 'working',
];

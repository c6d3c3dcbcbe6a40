<?php

return [
    'database' => 'The database answers; it has :size MB.',
    'disk' => ':free MB are free on the disk.',
    'disk-for' => ':free MB are free on the disk: enough for about :days days as it grows now.',
    'no-backup' => 'There is no backup yet. `:command` makes one, and the scheduler one each night.',
    'backup' => 'The newest backup is :hours hours old; :count of :keep are kept.',
    'scheduler' => 'The scheduler runs: backups each night, exams whose time is up are handed in.',
    'no-scheduler' => 'The scheduler has not run here. Backups are made by hand.',
    'late-scheduler' => 'The scheduler has not run for :minutes minutes. Backups are not made.',
    'clock' => 'The clock says :now.',
    'clock-back' => 'The clock was set back by :minutes minutes or more: something on record comes after now.',
    'tidied' => [
        'classes' => 'Classes archived, their term over: :count',
        'trials' => 'Boards tried and left: :count',
        'photographs' => 'Photographs let go: :count',
        'people' => 'People erased, their marks kept: :count',
    ],
];

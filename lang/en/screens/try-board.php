<?php

return [
    'a-seat-of-a-task' => 'A seat of a task on it',
    'coached-with-help' => 'Coached, with help',
    'how' => 'How',
    'isolate-test-dead-switch-on' => 'Isolate, test dead, switch on: the supply and the instruments, on a finished board.',
    'like-an-exam' => 'Like an exam',
    'nothing-is-saved-and-nobody' => 'Nothing is saved and nobody sees it. From the bench you can save what you wired as a file.',
    'prove-it-wired-as-planned' => 'Prove it, wired as planned',
    'seat' => 'Seat',
    'setting-it-up' => 'Setting it up …',
    'try-a-board' => 'Try a board',
    'try-it' => 'Try it',
    'try-seat-seat' => 'Try seat :seat',
    'wire-it-yourself-as-a' => 'Wire it yourself, as a trainee would',
    'wire-this-board' => 'Wire this board',
];

<?php

return [
    'term-end' => 'The last day of term must be in the future, for example 2027-06-30.',
    'account' => 'Sign in with the name :username.',
    'account-password' => 'Password, to be changed after signing in: :password',
    'class-name' => 'Give the class a name of up to 80 characters.',
    'class-full' => 'A class can have at most :most people.',
    'list-empty' => 'There are no names in this list.',
    'list-long' => 'This list is too long: at most 200,000 characters. Nothing was read.',
    'list-rows' => 'This list has :there rows; the limit is :most at a time. Nothing was read.',
    'list-rows-alone' => 'You can add at most :most people at a time. Nobody was added.',
    'changed-elsewhere' => 'Somebody else has just changed this person to ":name" with :extra % extra time. Your change was not saved.',
    'password-wrong' => 'That is not your current password.',
    'password-same' => 'The new password is the same as the old one.',
    'password' => [
        'short' => 'A password needs :least to 72 characters.',
        'common' => 'That password is easy to guess. Use four words that have nothing to do with each other.',
        'own-name' => 'A name is easy to guess. Use four words that have nothing to do with each other.',
    ],
    'code-needed' => 'Enter the six digits your phone shows now.',
    'code-wrong' => 'Those digits are wrong or have expired. Wait for the next ones and try again.',
    'code-first' => 'Start again: scan the code first.',
    'fault' => [
        'name-empty' => 'This row has no name.',
        'name-long' => 'This name is longer than 60 characters.',
        'name-formula' => '":name" starts like a formula; a name starts with a letter.',
        'name-odd' => '":name" is not a name: it has no letters, or characters that names do not have.',
        'in-class' => ':name is in this class already. If this is somebody else, give both a student number.',
        'twice' => ':name is in the list twice. If these are two people, give both a student number.',
        'number-odd' => 'A student number can have up to 40 letters and digits.',
        'extra-odd' => 'Extra time is a whole percentage from 0 to 200.',
    ],
];

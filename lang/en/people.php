<?php

return [
    'term-end' => 'The last day of the term is a day to come, as 2027-06-30.',
    'account' => 'Sign in with the name :username.',
    'account-password' => 'The password, to be changed after signing in: :password',
    'class-name' => 'A class needs a name of up to 80 characters.',
    'class-full' => 'A class holds :most people at most.',
    'list-empty' => 'There are no names in this list.',
    'list-long' => 'This list is too long to read: 200,000 characters at most. Nothing was taken.',
    'list-rows' => 'This list has :there rows; :most can be taken at a time. Nothing was taken.',
    'list-rows-alone' => 'At most :most people can be added at a time. Nobody was added.',
    'changed-elsewhere' => 'Somebody else changed this person meanwhile: now ":name" with :extra % extra time. Nothing of yours was saved.',
    'password-wrong' => 'That is not your password as it is now.',
    'password-same' => 'The new password is the old one.',
    'password' => [
        'short' => 'A password has :least characters at least, and 72 at most.',
        'common' => 'That one is tried first by everybody who guesses. Take four words that have nothing to do with each other.',
        'own-name' => 'A name alone is guessed. Take four words that have nothing to do with each other.',
    ],
    'code-needed' => 'Type the six digits that your phone shows now.',
    'code-wrong' => 'Those are not the digits of this moment. Wait for the next ones and type them.',
    'code-first' => 'Begin again: the code to scan is shown first.',
    'fault' => [
        'name-empty' => 'There is no name in this row.',
        'name-long' => 'This name is longer than 60 characters.',
        'name-formula' => '":name" begins like a formula; a name begins with a letter.',
        'name-odd' => '":name" is no name: letters are missing, or there are signs in it that no name has.',
        'in-class' => ':name is in this class already. If this is somebody else, give both a student number.',
        'twice' => ':name is in the list twice. If these are two people, give both a student number.',
        'number-odd' => 'A student number has up to 40 letters and digits.',
        'extra-odd' => 'Extra time is a whole number of percent, 0 to 200.',
    ],
];

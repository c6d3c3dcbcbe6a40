<?php

return [
    'code-or-password' => 'Code or password',
    'page-not-found' => 'Page not found',
    'practice-boards-for-switch-wiring' => 'Practice boards for switch wiring. Sign in with the name and the code on your slip.',
    'sign-in' => 'Sign in',
    'signing-in' => 'Signing in …',
    'six-digits-from-your-phone' => 'Six digits from your phone',
    'the-people-are-made-up' => 'The people are made up and everyone knows their password.',
    'there-is-no-page-at' => 'There is no page at this address. Your work is safe.',
    'this-is-the-demo' => 'This is the demo.',
    'two-switches-and-a-lamp' => 'Two switches and a lamp, with one conductor still loose',
];

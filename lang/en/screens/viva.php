<?php

return [
    'expected-answer' => 'Expected: :answer',
    'said-right-wrong' => 'Said: ______________________________________________________ ☐ right ☐ wrong',
    'the-questions' => 'The questions',
    'the-verdict' => 'The verdict',
    'to-mention-mistake' => 'To mention: :mistake',
    'viva' => 'Viva',
    'viva-name' => 'Viva · :name',
];

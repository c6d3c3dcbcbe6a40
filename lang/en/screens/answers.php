<?php

return [
    'hand-in' => 'Hand in',
    'hand-in-for-good' => 'Hand in for good?',
    'hand-in-now' => 'Hand in now',
    'handing-in' => 'Handing in …',
    'part-what' => 'part :what',
    'parts-to-choose-from' => 'Parts to choose from',
    'questions' => 'Questions',
    'sent-after-time-was-up' => 'Sent after time was up. Your instructor decides whether it counts.',
    'tap-them-in-the-order' => 'Tap them in the order that the current flows through them.',
    'the-board-in-question' => 'The board in question',
    'the-question' => 'The question',
    'the-questions' => 'The questions',
    'this-board-gives-no-questions' => 'This board gives no questions of this kind. Tell your instructor.',
    'time-left' => 'time left',
    'undo-back-to-options' => 'Undo back to :options',
    'you-have-answered-answered-of' => 'You have answered :answered of :count questions.',
    'your-order-so-far' => 'Your order so far',
];

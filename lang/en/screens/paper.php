<?php

return [
    'a4-21-a-sheet-63' => 'A4, 21 a sheet, 63.5 × 38.1 mm',
    'a4-24-a-sheet-70' => 'A4, 24 a sheet, 70 × 37 mm',
    'a4-65-a-sheet-38' => 'A4, 65 a sheet, 38.1 × 21.2 mm',
    'both-sides-each-part-begins' => 'Both sides: each part begins on a new sheet',
    'download-as-pdf' => 'Download as PDF',
    'first-unused-label' => 'First unused label',
    'how-many-of-this-board' => 'How many of this board',
    'labels-as-pdf' => 'Labels as PDF',
    'letter' => 'Letter',
    'letter-30-a-sheet-2' => 'Letter, 30 a sheet, 2 5/8 × 1 in',
    'letter-80-a-sheet-1' => 'Letter, 80 a sheet, 1 3/4 × 1/2 in',
    'on-paper' => 'On paper',
    'page-what' => 'Page :what',
    'pages-to-print' => 'Pages to print',
    'paper-size' => 'Paper size',
    'ready-cut-labels' => 'Ready-cut labels',
    'shows-answers' => '◆ shows answers',
    'the-pages' => 'The pages',
    'the-usual-size-here' => 'the usual size here',
    'with-what-each-conductor-is' => 'with what each conductor is for ◆',
];

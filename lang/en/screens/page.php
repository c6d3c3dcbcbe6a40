<?php

return [
    'needs-javascript' => 'Zwindle needs JavaScript: the bench is drawn by this page.',
];

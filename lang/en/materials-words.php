<?php

return [
    'joined' => ':connector with :points',
];

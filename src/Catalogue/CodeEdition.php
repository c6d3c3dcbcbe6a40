<?php

declare(strict_types=1);

namespace Zwindle\Catalogue;

/** An edition of the wiring rules that the product knows. */
enum CodeEdition: string
{
    case Nec2008 = 'NEC-2008';
    case Nec2011 = 'NEC-2011';
    case Nec2014 = 'NEC-2014';
    case Nec2017 = 'NEC-2017';
    case Nec2020 = 'NEC-2020';
    case Nec2023 = 'NEC-2023';
    case Bs7671Of2018 = 'BS7671-2018';
    case Bs7671Of2018A2 = 'BS7671-2018A2';

    public function practice(): Practice
    {
        return str_starts_with($this->value, 'NEC-') ? Practice::NorthAmerica : Practice::Britain;
    }
}

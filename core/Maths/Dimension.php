<?php

declare(strict_types=1);

namespace Daybright\Maths;

/** What kind of thing a unit measures, as it is called in class. */
enum Dimension: string
{
    case Number = 'a plain number';
    case Length = 'a length';
    case Area = 'an area';
    case Volume = 'a volume';
    case Mass = 'a mass';
    case Time = 'a time';
    case Angle = 'an angle';
    case Temperature = 'a temperature';
    case Speed = 'a speed';
    case Acceleration = 'an acceleration';
    case Force = 'a force';
    case Pressure = 'a pressure';
    case Energy = 'an energy';
    case Power = 'a power';
    case Density = 'a density';
    case Frequency = 'a frequency';
    case Current = 'a current';
    case Voltage = 'a voltage';
    case Resistance = 'a resistance';
    case Charge = 'a charge';
    case Money = 'an amount of money';
    case Other = 'another kind of quantity';
}

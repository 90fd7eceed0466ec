<?php

declare(strict_types=1);

namespace Daybright\Format\Readers\Page;

use Daybright\Scene\Box;

/** The forms that drawn shapes come in; one that is not known is drawn as the box that it fills. */
enum Outline
{
    case Box;
    case RoundBox;
    case Ellipse;
    case Triangle;
    case RightTriangle;
    case Diamond;
    case Parallelogram;
    case Trapezium;
    case Hexagon;
    case Octagon;
    case ArrowRight;
    case ArrowLeft;
    case ArrowUp;
    case ArrowDown;
    case ArrowBothWays;
    case Pentagon;
    case Chevron;
    case Star;
    case Cross;

    /** Corners as shares of the box, clockwise; none where it is round. */
    private const CORNERS = [
        'Triangle' => [[0.5, 0], [1, 1], [0, 1]],
        'RightTriangle' => [[0, 0], [1, 1], [0, 1]],
        'Diamond' => [[0.5, 0], [1, 0.5], [0.5, 1], [0, 0.5]],
        'Parallelogram' => [[0.2, 0], [1, 0], [0.8, 1], [0, 1]],
        'Trapezium' => [[0.22, 0], [0.78, 0], [1, 1], [0, 1]],
        'Hexagon' => [[0.25, 0], [0.75, 0], [1, 0.5], [0.75, 1], [0.25, 1], [0, 0.5]],
        'Octagon' => [[0.3, 0], [0.7, 0], [1, 0.3], [1, 0.7], [0.7, 1], [0.3, 1], [0, 0.7], [0, 0.3]],
        'ArrowRight' => [[0, 0.25], [0.65, 0.25], [0.65, 0], [1, 0.5], [0.65, 1], [0.65, 0.75], [0, 0.75]],
        'ArrowLeft' => [[1, 0.25], [0.35, 0.25], [0.35, 0], [0, 0.5], [0.35, 1], [0.35, 0.75], [1, 0.75]],
        'ArrowUp' => [[0.25, 1], [0.25, 0.35], [0, 0.35], [0.5, 0], [1, 0.35], [0.75, 0.35], [0.75, 1]],
        'ArrowDown' => [[0.25, 0], [0.25, 0.65], [0, 0.65], [0.5, 1], [1, 0.65], [0.75, 0.65], [0.75, 0]],
        'ArrowBothWays' => [
            [0, 0.5], [0.25, 0], [0.25, 0.25], [0.75, 0.25], [0.75, 0],
            [1, 0.5], [0.75, 1], [0.75, 0.75], [0.25, 0.75], [0.25, 1],
        ],
        'Pentagon' => [[0, 0], [0.75, 0], [1, 0.5], [0.75, 1], [0, 1]],
        'Chevron' => [[0, 0], [0.7, 0], [1, 0.5], [0.7, 1], [0, 1], [0.3, 0.5]],
        'Star' => [
            [0.5, 0], [0.62, 0.38], [1, 0.38], [0.69, 0.62], [0.81, 1],
            [0.5, 0.76], [0.19, 1], [0.31, 0.62], [0, 0.38], [0.38, 0.38],
        ],
        'Cross' => [
            [0.33, 0], [0.67, 0], [0.67, 0.33], [1, 0.33], [1, 0.67], [0.67, 0.67],
            [0.67, 1], [0.33, 1], [0.33, 0.67], [0, 0.67], [0, 0.33], [0.33, 0.33],
        ],
    ];

    /** By its name among the preset shapes of DrawingML (ECMA-376, part 1, 20.1.10.56). */
    public static function ofPreset(string $name): self
    {
        return match (true) {
            in_array($name, ['roundRect', 'flowChartAlternateProcess', 'flowChartTerminator'], true) => self::RoundBox,
            in_array($name, ['ellipse', 'flowChartConnector', 'wedgeEllipseCallout', 'cloud'], true) => self::Ellipse,
            $name === 'triangle' => self::Triangle,
            $name === 'rtTriangle' => self::RightTriangle,
            in_array($name, ['diamond', 'flowChartDecision'], true) => self::Diamond,
            in_array($name, ['parallelogram', 'flowChartInputOutput'], true) => self::Parallelogram,
            $name === 'trapezoid' => self::Trapezium,
            $name === 'hexagon' => self::Hexagon,
            $name === 'octagon' => self::Octagon,
            $name === 'rightArrow' => self::ArrowRight,
            $name === 'leftArrow' => self::ArrowLeft,
            $name === 'upArrow' => self::ArrowUp,
            $name === 'downArrow' => self::ArrowDown,
            $name === 'leftRightArrow' => self::ArrowBothWays,
            $name === 'homePlate' => self::Pentagon,
            $name === 'chevron' => self::Chevron,
            $name === 'star5' => self::Star,
            in_array($name, ['plus', 'mathPlus'], true) => self::Cross,
            default => self::Box,
        };
    }

    /** @return list<array{float, float}> in the order in which they are joined; none where it has no corners of its own */
    public function corners(Box $box): array
    {
        return array_map(
            static fn (array $share): array => [$box->x + $share[0] * $box->width, $box->y + $share[1] * $box->height],
            self::CORNERS[$this->name] ?? [],
        );
    }
}

<?php

declare(strict_types=1);

namespace Tests\App;

use Illuminate\Testing\TestResponse;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Assert;
use Symfony\Component\HttpFoundation\Response;

/** Holds what the server answers to schema/answers.schema.json, from which the browser's types are made. */
final class PublishedAnswers
{
    private const SCHEMA = 'https://daybright.invalid/schema/answers.schema.json';

    /** What each address answers; null for one that sends a file, or nothing. */
    public const BY_ROUTE = [
        'GET api/session' => null,
        'POST api/sign-in' => 'teacher',
        'GET api/me' => 'teacher',
        'GET api/password-links/{token}' => 'teacher',
        'POST api/password-links/{token}' => 'teacher',
        'PUT api/account' => 'teacher',
        'PUT api/account/password' => 'teacher',
        'POST api/sign-out' => null,
        'GET api/home' => 'home',
        'GET api/kinds' => 'kinds',
        'GET api/shapes' => 'shapes',
        'GET api/library' => 'library',
        'GET api/library/{source}/{name}' => null,
        'POST api/library/{source}/{name}' => 'medium',
        'POST api/lessons/{lesson}/copy' => 'made',
        'POST api/lessons/{lesson}/halves' => 'made',
        'POST api/lessons/{lesson}/captions' => 'correctedCaptions',
        'PATCH api/lessons/{lesson}/shelf' => null,
        'PATCH api/series/{series}' => null,
        'POST api/figures/vary' => 'item',
        'POST api/figures/task' => 'task',
        'POST api/worked' => 'written',
        'POST api/worked/vary' => 'item',
        'POST api/formulas/choose' => 'judgedFormulas',
        'GET api/figures/{figure}/sample' => 'sample',
        'POST api/lessons' => 'made',
        'POST api/lessons/import' => 'broughtIn',
        'POST api/lessons/{lesson}/slides/{slide}/live' => 'liveBlocks',
        'POST api/watch/{share}/slides/{slide}/live' => 'liveBlocks',
        'GET api/lessons/{lesson}/brought' => 'broughtSlides',
        'POST api/lessons/{lesson}/brought/{slide}' => 'slideChange',
        'POST api/media' => 'medium',
        'GET api/media/{sha256}' => null,
        'GET api/clips' => 'clipBounds',
        'POST api/clips' => 'incomingClip',
        'GET api/clips/{incomingClip}' => 'incomingClip',
        'PUT api/clips/{incomingClip}/pieces/{number}' => 'piece',
        'POST api/clips/{incomingClip}/finish' => 'finishedClip',
        'DELETE api/clips/{incomingClip}' => null,
        'POST api/clips/stills' => 'medium',
        'POST api/captions' => 'readCaptions',
        'PUT api/takes/{take}/footage/{id}' => 'footageBegun',
        'PUT api/takes/{take}/footage/{footage}/pieces/{number}' => 'piece',
        'POST api/takes/{take}/footage/{footage}/finish' => 'footageFinished',
        'PUT api/takes/{take}/footage/{footage}/left-out' => 'leftOut',
        'GET api/takes/{take}/footage/{footage}/film' => null,
        'GET api/releases/{release}/film/{footage}' => null,
        'GET api/watch/{share}/film/{footage}' => null,
        'GET api/classrooms' => 'classrooms',
        'POST api/classrooms' => 'classroom',
        'PUT api/classrooms/{classroom}' => 'classroom',
        'DELETE api/classrooms/{classroom}' => null,
        'POST api/classrooms/{classroom}/students' => 'classroom',
        'PUT api/classrooms/{classroom}/students/{student}' => 'classroom',
        'DELETE api/classrooms/{classroom}/students/{student}' => 'classroom',
        'POST api/classrooms/{classroom}/code' => 'classroom',
        'DELETE api/classrooms/{classroom}/students/{student}/word' => 'classroom',
        'GET api/classrooms/{classroom}/students/{student}/archive' => null,
        'GET api/lessons/{lesson}' => 'lesson',
        'PUT api/lessons/{lesson}' => 'saved',
        'PATCH api/lessons/{lesson}' => 'saved',
        'POST api/lessons/{lesson}/undo' => 'lesson',
        'POST api/lessons/{lesson}/redo' => 'lesson',
        'GET api/lessons/{lesson}/kept' => 'kept',
        'POST api/lessons/{lesson}/kept/{kept}' => 'lesson',
        'DELETE api/lessons/{lesson}' => null,
        'GET api/lessons/{lesson}/ready' => 'findings',
        'GET api/lessons/{lesson}/credits' => 'credits',
        'GET api/lessons/{lesson}/slides/{slide}/looks' => 'looks',
        'GET api/lessons/{lesson}/slides/{slide}/picture.{picture}' => null,
        'GET api/lessons/{lesson}/handout' => 'handout',
        'GET api/lessons/{lesson}/files/{format}' => null,
        'GET api/lessons/{lesson}/takes' => 'takes',
        'PUT api/lessons/{lesson}/takes/{id}' => 'take',
        'PUT api/lessons/{lesson}/editing' => 'takes',
        'GET api/lessons/{lesson}/shortening' => 'shortening',
        'GET api/lessons/{lesson}/programme' => 'played',
        'POST api/lessons/{lesson}/voice' => null,
        'GET api/lessons/{lesson}/share' => 'share',
        'POST api/lessons/{lesson}/releases' => 'release',
        'PUT api/lessons/{lesson}/shares' => 'shared',
        'DELETE api/lessons/{lesson}/shares/{share}' => null,
        'GET api/lessons/{lesson}/replies' => 'replies',
        'GET api/lessons/{lesson}/replies/{share}.csv' => null,
        'PUT api/lessons/{lesson}/marks' => 'marked',
        'PUT api/lessons/{lesson}/moments/{moment}' => 'moment',
        'POST api/lessons/{lesson}/shares/{share}/next-opening' => 'askedAgain',
        'GET api/watch/{share}/tasks/{block}/sound' => null,
        'GET api/overview/{overview}' => 'overview',
        'PUT api/watch/{share}/tasks/{block}' => null,
        'POST api/watch/{share}/tasks/{block}/answer' => 'given',
        'PUT api/watch/{share}/aims' => 'aimsSaid',
        'PUT api/watch/{share}/moments/{moment}' => 'moment',
        'DELETE api/watch/{share}/moments/{moment}' => null,
        'PUT api/takes/{take}/pieces/{number}' => 'piece',
        'POST api/takes/{take}/finish' => 'finished',
        'POST api/takes/{take}/prepare' => 'take',
        'POST api/takes/{take}/choose' => 'take',
        'DELETE api/takes/{take}' => null,
        'GET api/takes/{take}/sound' => null,
        'GET api/takes/{take}/narration' => null,
        'GET api/releases/{release}' => 'played',
        'GET api/releases/{release}/sound.{kind}' => null,
        'POST api/releases/{release}/exports' => 'export',
        'GET api/exports/{export}' => 'export',
        'DELETE api/exports/{export}' => 'export',
        'GET api/exports/{export}/file' => null,
        'POST api/watch/join' => 'joined',
        'POST api/watch/enter' => 'shelf',
        'GET api/watch/me' => 'shelf',
        'POST api/watch/leave' => null,
        'GET api/watch/{share}' => 'watched',
        'GET api/watch/{share}/media/{sha256}' => null,
        'GET api/watch/{share}/handout.pdf' => null,
        'GET api/watch/{share}/sound.{kind}' => null,
        'GET api/watch/{share}/kept' => 'keptLesson',
        'GET api/watch/{share}/kept/files/{reference}' => null,
        'POST api/watch/{share}/answers/{block}/file' => 'given',
        'GET api/watch/{share}/answers/{block}/file' => null,
        'GET api/lessons/{lesson}/answers/{answer}/file' => null,
        'POST api/watch/{share}/tasks/{block}/items' => 'drill',
        'PUT api/watch/{share}/place' => null,
        'PUT api/watch/{share}/answers/{block}' => 'given',
        'POST api/watch/{share}/exit-check' => 'visit',
    ];

    private static ?Validator $validator = null;

    /** @param  TestResponse<Response>  $answer */
    public static function check(string $route, TestResponse $answer): void
    {
        $type = (string) $answer->headers->get('Content-Type');
        if ($type === 'application/problem+json') {
            self::checkNamed('problem', (string) $answer->getContent(), $route);
        }
        if (! $answer->isSuccessful() || ! array_key_exists($route, self::BY_ROUTE)) {
            return;
        }
        $name = self::BY_ROUTE[$route];
        if ($name === null) {
            Assert::assertStringStartsNotWith('application/json', $answer->getContent() === '' ? '' : $type, "{$route} answers JSON");

            return;
        }
        self::checkNamed($name, (string) $answer->getContent(), $route);
    }

    public static function checkNamed(string $name, string $json, string $about): void
    {
        if (self::$validator === null) {
            self::$validator = new Validator;
            self::$validator->resolver()?->registerFile(self::SCHEMA, base_path('schema/answers.schema.json'));
        }
        $error = self::$validator->validate(json_decode($json), self::SCHEMA."#/properties/{$name}")->error();
        Assert::assertTrue($error === null, $error === null ? '' : "{$about}: ".json_encode((new ErrorFormatter)->format($error)));
    }
}

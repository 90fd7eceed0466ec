<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Problem;
use App\Http\ProblemType;
use Closure;
use Daybright\Format\IncomingJson;
use Daybright\Format\IncomingText;
use Daybright\Format\UnreadableText;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Lets nothing in that could not be written out again: the text of every address, form and JSON body passes one gate. */
class CleanInput
{
    private const BODY = 'decoded body';

    public function handle(Request $request, Closure $next): Response
    {
        try {
            IncomingText::clean(rawurldecode($request->getPathInfo()));
            $request->query->replace(IncomingText::cleaned($request->query->all()));
            if ($request->isJson()) {
                $this->takeJson($request);
            } else {
                $request->request->replace(IncomingText::cleaned($request->request->all()));
            }
        } catch (UnreadableText $error) {
            return Problem::describe(ProblemType::Invalid, $error->getMessage());
        }

        return $next($request);
    }

    /** The JSON body as it was sent, with its objects and lists told apart; null where there is none. */
    public static function body(Request $request): mixed
    {
        return $request->attributes->get(self::BODY);
    }

    private function takeJson(Request $request): void
    {
        $content = $request->getContent();
        if ($content === '') {
            return;
        }
        $body = IncomingJson::decode($content);
        $request->attributes->set(self::BODY, $body);
        $arrays = IncomingJson::arrays($body);
        $request->json()->replace(is_array($arrays) ? $arrays : []);
    }
}

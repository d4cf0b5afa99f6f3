<?php

declare(strict_types=1);

namespace App\Http\Console\Session;

use App\Http\Console\Shared\Answer;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

/** The same for all shops and all people, until another release: a browser asks whether it still has the present ones. */
final readonly class ListsController
{
    #[OA\Get(path: '/lists', operationId: 'lists', summary: 'What forms choose from in every shop')]
    #[Answer(ListsResource::class)]
    public function __invoke(Request $request): JsonResponse
    {
        $answer = response()->json(ListsResource::all())->setPrivate();
        $answer->headers->addCacheControlDirective('no-cache');
        $answer->setEtag(hash('sha256', (string) $answer->getContent()));
        $answer->isNotModified($request);

        return $answer;
    }
}

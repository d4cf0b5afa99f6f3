<?php

declare(strict_types=1);

namespace App\Http\Console\Session;

use App\Http\Console\Shared\Answer;
use App\Http\Console\Shared\ChoiceResource;
use App\Http\Input;
use App\People\SetUp;
use App\People\SetUpRefused;
use App\Shops\FirstShop;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;
use PaperKite\Money\Currency;
use PaperKite\Money\Iso4217;
use PaperKite\Text\Line;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Intl\Countries;
use Symfony\Component\Intl\Currencies;

/** The page by which an installation gets its first person and its first shop; once they are there, it is not. */
final readonly class SetUpController
{
    public function __construct(
        private SetUp $setUp,
        private Sessions $sessions,
    ) {}

    public function page(): View
    {
        return $this->setUp->isPossible() ? view('console') : abort(404);
    }

    #[OA\Get(path: '/set-up', operationId: 'setUpPage', summary: 'What can be chosen when an installation is set up', security: [])]
    #[Answer(SetUpResource::class)]
    public function show(): JsonResponse
    {
        $this->mustBePossible();
        $currencies = [];
        foreach (Iso4217::codes() as $code) {
            if (Currencies::exists($code)) {
                $currencies[$code] = Currencies::getName($code, 'en')." ({$code})";
            }
        }
        asort($currencies);
        $suffix = config()->array('kite.hosts.suffixes')[0] ?? '';

        return response()->json(new SetUpResource(
            self::choices(Countries::getNames('en')),
            self::choices($currencies),
            is_string($suffix) && $suffix !== '' ? "shop.{$suffix}" : '',
        ));
    }

    #[OA\Post(path: '/set-up', operationId: 'setUp', summary: 'Make the first person and the first shop', security: [['token' => []]])]
    #[OA\RequestBody(content: new OA\JsonContent(ref: '#/components/schemas/SetUpEntry'))]
    #[Answer(PersonResource::class, 201)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function create(SetUpRequest $request, FirstShop $shop): JsonResponse
    {
        $this->mustBePossible();
        $text = static fn (string $field): string => Input::text($request, $field);
        $attributes = $shop->attributes(Line::of($text('shop'), 'The shop’s name', SetUpRequest::LONGEST_NAME)->text, $text('host'), $text('country'), Currency::of($text('currency')));
        try {
            $person = ($this->setUp)($text('word'), Line::of($text('name'), 'Your name', SetUpRequest::LONGEST_NAME)->text, $text('email'), $text('password'), $attributes);
        } catch (SetUpRefused $refused) {
            throw $refused->isOver ? new NotFoundHttpException : ValidationException::withMessages(['word' => $refused->getMessage()]);
        }
        $this->sessions->begin($request, $person->refresh());

        return response()->json(PersonResource::of($person->load('shops')), 201);
    }

    /**
     * @param  array<string, string>  $names  by code
     * @return list<ChoiceResource>
     */
    private static function choices(array $names): array
    {
        return array_map(static fn (string $code, string $name): ChoiceResource => new ChoiceResource($code, $name), array_keys($names), array_values($names));
    }

    private function mustBePossible(): void
    {
        abort_unless($this->setUp->isPossible(), 404);
    }
}

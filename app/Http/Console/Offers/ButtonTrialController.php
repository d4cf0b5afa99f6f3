<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Looks\ReadLooks;
use App\Messages\WriteMessage;
use App\Models\Offer;
use App\Models\Person;
use App\Models\Placement;
use App\Models\Shop;
use App\Offers\OfferSnippets;
use App\Time\Clock;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\View;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;
use PaperKite\Medium\EmailButton;

/** Mails a button to the seller who asks, to be looked at where it will stand. */
final readonly class ButtonTrialController
{
    #[OA\Post(path: '/shops/{shop}/placements/{placement}/trial', operationId: 'mailButton', summary: 'Mail a button to oneself', description: 'To whoever is signed in, and to nobody else.', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/placement')])]
    #[OA\Response(response: 200, description: 'It is on its way.', content: new OA\JsonContent(required: ['to'], properties: [new OA\Property(property: 'to', type: 'string')]))]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function __invoke(Request $request, Shop $shop, Placement $placement, WriteMessage $write, ReadLooks $looks, Clock $clock): JsonResponse
    {
        $person = $request->user();
        if (! $person instanceof Person || $placement->medium !== (new EmailButton)->key()) {
            throw ValidationException::withMessages(['medium' => 'Only an e-mail button is tried by mail; choose that medium for this place first.']);
        }
        $offer = Offer::query()->with(Offer::TOLD_WITH)->findOrFail($placement->offer_id);
        $button = OfferSnippets::of($offer, $shop, $looks($shop), $clock->moment())->snippet($placement);
        $write->trial($shop, $person->email, "The button for {$placement->page}", $placement->link($shop)->url(), View::make('mail.trial', ['shop' => $shop, 'page' => $placement->page, 'button' => $button])->render());

        return response()->json(['to' => $person->email]);
    }
}

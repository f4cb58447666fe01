<?php

declare(strict_types=1);

namespace App\Http\Controllers\Shop;

use App\Http\Controllers\Controller;
use App\Http\FormInput;
use App\Http\RulesInput;
use App\JobFile\JobRows;
use App\Models\RuleProfile;
use App\Models\ShopEvent;
use App\Shop\LocalRulesProfiles;
use App\Shop\ShopEditor;
use App\Shop\ShopRanges;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Underpin\Job\LocalRules;
use Underpin\Job\Part\LocalRulesPart;
use Underpin\Refused;

/** The shop's profiles of local rules. A job keeps a copy of its own, so that an old job does not change by itself. */
final class RuleProfileController extends Controller
{
    /** Steps of the history that the page shows. */
    private const SHOWN = 20;

    public function index(): View
    {
        $profiles = [];
        foreach ($this->user()->shop->ruleProfiles()->orderBy('key')->get() as $row) {
            $profiles[$row->key] = JobRows::rules($row->rules);
        }

        return view('rules.index', [
            'profiles' => $profiles, 'ranges' => $this->user()->shop->ranges()->get()->keyBy('of'),
            'events' => ShopEvent::query()->where('shop_id', $this->user()->shop_id)->where('of', (new ShopRanges)->word())
                ->orderByDesc('id')->limit(self::SHOWN)->get(),
        ]);
    }

    public function create(): View
    {
        return view('rules.edit', ['key' => null, 'rules' => new LocalRules, 'events' => new Collection]);
    }

    public function edit(string $profile): View
    {
        return view('rules.edit', [
            'key' => $profile, 'rules' => JobRows::rules($this->row($profile)->rules),
            'events' => ShopEditor::history($this->user(), new LocalRulesProfiles, $profile),
        ]);
    }

    public function store(Request $request): RedirectResponse
    {
        $rules = RulesInput::read($request);
        $key = Str::limit(Str::slug($rules->authority), 40, '');
        if ($key === '' || $this->user()->shop->ruleProfiles()->where('key', $key)->exists()) {
            throw new Refused('authority', 'Authority: give it a name that no other profile has.');
        }
        ShopEditor::add(
            $this->user(), new LocalRulesProfiles, "$rules->authority: added", ['key' => $key, 'rules' => LocalRulesPart::write($rules)],
        );

        return redirect()->route('rules.index')->with('status', "$rules->authority is kept.");
    }

    public function update(Request $request, string $profile): RedirectResponse
    {
        $this->row($profile);
        $rules = RulesInput::read($request);
        ShopEditor::change(
            $this->user(), new LocalRulesProfiles, $profile, "$rules->authority: changed", ['rules' => LocalRulesPart::write($rules)],
            FormInput::was($request), RulesInput::fields($rules),
            fn (Model $row): array => $row instanceof RuleProfile ? RulesInput::fields(JobRows::rules($row->rules)) : [],
        );

        return redirect()->route('rules.index')->with('status', 'Saved. Jobs keep the rules that they were given, until they take these.');
    }

    private function row(string $key): RuleProfile
    {
        $row = $this->user()->shop->ruleProfiles()->where('key', $key)->first();

        return $row instanceof RuleProfile ? $row : abort(404);
    }
}

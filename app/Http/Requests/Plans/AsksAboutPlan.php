<?php

declare(strict_types=1);

namespace App\Http\Requests\Plans;

use Aequus\Logbook\Kind\Question;
use Aequus\Plan\Plan;
use Aequus\Site\PlanQuestions;
use Aequus\Words\QuestionWords;
use Illuminate\Validation\ValidationException;

/** A form that changes the plan asks about each figure that can be but rarely is, until somebody says that it is right as typed. */
trait AsksAboutPlan
{
    /** @throws ValidationException with each question at its field */
    public function ask(Plan $plan, ?Plan $before): Plan
    {
        $fields = [];
        foreach ($this->boolean('right') ? [] : PlanQuestions::of($plan, $before) as $question) {
            $fields[$this->fieldOf($question)][] = $question;
        }
        foreach ($fields as $field => $asked) {
            $this->refuse($field, (new QuestionWords($plan))->say(...$asked));
            $this->session()->flash('asks_right', $this->text('form'));
        }
        $this->stopIfRefused();

        return $plan;
    }

    /** The field at which a question stands. */
    protected function fieldOf(Question $question): string
    {
        return $question->figure;
    }
}

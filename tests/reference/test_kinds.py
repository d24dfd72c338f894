"""The kinds of lines against python-crfsuite, which learns the weights: its own tagger gives the same marginals."""

from __future__ import annotations

from pathlib import Path

import pycrfsuite
import pytest
from bench.kinds import PENALTIES, cases, weights_in

from kemvo.core.text_import.kinds import model
from kemvo.core.text_import.kinds.labels import KINDS


def test_the_marginals_are_those_of_crfsuite(tmp_path: Path) -> None:
    texts = cases("check")[:4]
    trainer = pycrfsuite.Trainer(verbose=False)
    trainer.set_params({**PENALTIES, "max_iterations": 25})
    for t in texts:
        keep = [i for i, k in enumerate(t.true) if k]
        trainer.append([t.signs[i] for i in keep], [t.true[i] for i in keep])
    path = str(tmp_path / "kinds")
    trainer.train(path)
    tagger = pycrfsuite.Tagger()
    tagger.open(path)
    of = model.weights_of(weights_in(tagger.info()))
    labels = tagger.labels()
    for t in texts:
        tagger.set(t.signs)
        # A kind that crfsuite has not seen is one that cannot be.
        found = model.decide(t.signs, {}, of, only=labels)
        for i, d in enumerate(found):
            for kind in labels:
                assert d.sure_of[KINDS.index(kind)] == pytest.approx(tagger.marginal(kind, i), abs=1e-5)

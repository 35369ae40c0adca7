#!/usr/bin/env python3
# SPDX-FileCopyrightText: The Refero authors
# SPDX-License-Identifier: GPL-3.0-or-later
"""Makes data/fonts/ from Debian's fonts-inter: the letters we show, and a face whose figures are tabular without asking
(Qt 6.4 cannot switch OpenType features on). Usage: make_fonts.py SOURCE-FOLDER TARGET-FOLDER. Needs python3-fonttools."""
import sys
from fontTools import subset
from fontTools.ttLib import TTFont

source, target = sys.argv[1:3]
CHARACTERS = set(range(0x20, 0x7F)) | set(range(0xA0, 0x180)) | {ord(c) for c in "ΔλμΣαβγσ–—‘’“”•…′″←↑→↓×÷±−≤≥≈≠√∞²³°₀₁₂⁻ﬁﬂ"}


def reduced(font):
    options = subset.Options()
    options.layout_features = ["kern", "liga", "calt", "ccmp", "mark"]
    options.name_IDs = ["*"]
    options.notdef_outline = True
    s = subset.Subsetter(options)
    s.populate(unicodes=CHARACTERS)
    s.subset(font)
    return font


def tabular(font):
    """Points the characters of figures at their tabular glyphs."""
    substitutions = {}
    gsub = font["GSUB"].table
    for record in gsub.FeatureList.FeatureRecord:
        if record.FeatureTag == "tnum":
            for index in record.Feature.LookupListIndex:
                for sub in gsub.LookupList.Lookup[index].SubTable:
                    sub = getattr(sub, "ExtSubTable", sub)
                    substitutions.update(getattr(sub, "mapping", {}))
    for table in font["cmap"].tables:
        table.cmap = {code: substitutions.get(glyph, glyph) for code, glyph in table.cmap.items()}
    return font


for weight in ("Regular", "Medium", "SemiBold"):
    reduced(TTFont(f"{source}/Inter-{weight}.otf")).save(f"{target}/Inter-{weight}.otf")
for weight in ("Regular", "Medium"):
    font = tabular(TTFont(f"{source}/Inter-{weight}.otf"))
    for record in font["name"].names:
        if record.nameID in (1, 3, 4, 6, 16):
            text = record.toUnicode().replace("Inter", "Refero Figures")
            record.string = text.replace(" ", "") if record.nameID == 6 else text
    if "CFF " in font:
        font["CFF "].cff.fontNames[0] = f"ReferoFigures-{weight}"
    reduced(font).save(f"{target}/ReferoFigures-{weight}.otf")

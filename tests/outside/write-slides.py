"""Writes a presentation with odfpy, which is not ours: python3 write-slides.py ODP PICTURE"""
import sys

import odf.anim
import odf.draw
import odf.opendocument
import odf.presentation
import odf.style
import odf.svg
import odf.table
import odf.text

target, picture = sys.argv[1:3]
deck = odf.opendocument.OpenDocumentPresentation()
layout = odf.style.PageLayout(name="layout")
deck.automaticstyles.addElement(layout)
master = odf.style.MasterPage(name="master", pagelayoutname=layout)
deck.masterstyles.addElement(master)


def frame(page, content, **more):
    box = odf.draw.Frame(width="10cm", height="3cm", x="1cm", y="1cm", **more)
    box.addElement(content)
    page.addElement(box)
    return box


def text_box(*paragraphs):
    box = odf.draw.TextBox()
    for paragraph in paragraphs:
        box.addElement(paragraph)
    return box


def points(*texts, inner=None):
    entries = odf.text.List()
    for text in texts:
        entry = odf.text.ListItem()
        entry.addElement(odf.text.P(text=text))
        if inner is not None and text == texts[0]:
            entry.addElement(inner)
        entries.addElement(entry)
    return entries


first = odf.draw.Page(name="first", masterpagename=master)
deck.presentation.addElement(first)
frame(first, text_box(odf.text.P(text="What did a harbour look like?")), attributes={"class": "title"})
frame(first, text_box(points("cranes", "ropes", inner=points("made of wood"))), attributes={"class": "outline"})
late = frame(first, text_box(odf.text.P(text="Ships < 40 m & oar")))
late.setAttrNS("http://www.w3.org/XML/1998/namespace", "id", "late")
root = odf.anim.Par(nodetype="timing-root")
sequence = odf.anim.Seq(nodetype="main-sequence")
click = odf.anim.Par(begin="next")
effect = odf.anim.Par(nodetype="on-click", presetclass="entrance")
effect.addElement(odf.anim.Set(targetelement="late", attributename="visibility", to="visible"))
click.addElement(effect)
sequence.addElement(click)
root.addElement(sequence)
first.addElement(root)
notes = odf.presentation.Notes()
said = odf.draw.Frame(width="10cm", height="3cm", attributes={"class": "notes"})
said.addElement(text_box(odf.text.P(text="Look at the cranes."), odf.text.P(text="And how long were they?")))
notes.addElement(said)
first.addElement(notes)

second = odf.draw.Page(name="second", masterpagename=master)
deck.presentation.addElement(second)
frame(second, text_box(odf.text.P(text="Numbers")), attributes={"class": "title"})
shown = frame(second, odf.draw.Image(href=deck.addPicture(picture)))
shown.addElement(odf.svg.Desc(text="A red square"))
table = odf.table.Table()
for cells in (("year", "ships"), ("1850", "120")):
    row = odf.table.TableRow()
    for text in cells:
        cell = odf.table.TableCell()
        cell.addElement(odf.text.P(text=text))
        row.addElement(cell)
    table.addElement(row)
frame(second, table)
second.addElement(odf.draw.Line(x1="1cm", y1="1cm", x2="2cm", y2="2cm"))
deck.save(target)

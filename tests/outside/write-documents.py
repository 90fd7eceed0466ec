"""Writes a text document with python-docx and one with odfpy, which are not ours: python3 write-documents.py DOCX ODT PICTURE"""
import sys

import docx
import odf.draw
import odf.opendocument
import odf.style
import odf.svg
import odf.table
import odf.text

word, open_document, picture = sys.argv[1:4]

document = docx.Document()
document.add_paragraph("What comes before the first heading.")
document.add_heading("Why shadows move", 1)
document.add_paragraph("The Earth turns & the light < stays.")
document.add_paragraph("morning: long", style="List Bullet")
document.add_paragraph("noon: short", style="List Bullet")
document.add_heading("What was measured", 2)
document.add_picture(picture)
document.inline_shapes[0]._inline.docPr.set("descr", "A red square")
table = document.add_table(rows=2, cols=2)
for row, cells in enumerate([("time", "shadow"), ("10:00", "48 cm")]):
    for column, text in enumerate(cells):
        table.cell(row, column).text = text
document.save(word)

written = odf.opendocument.OpenDocumentText()
written.text.addElement(odf.text.P(text="What comes before the first heading."))
written.text.addElement(odf.text.H(outlinelevel=1, text="Why shadows move"))
paragraph = odf.text.P(text="The Earth turns")
paragraph.addElement(odf.text.S())
paragraph.addElement(odf.text.Span(text="& the light < stays."))
written.text.addElement(paragraph)
entries = odf.text.List()
for text in ("morning: long", "noon: short"):
    entry = odf.text.ListItem()
    entry.addElement(odf.text.P(text=text))
    entries.addElement(entry)
written.text.addElement(entries)
written.text.addElement(odf.text.H(outlinelevel=2, text="What was measured"))
frame = odf.draw.Frame(width="3cm", height="2cm")
frame.addElement(odf.draw.Image(href=written.addPicture(picture)))
frame.addElement(odf.svg.Desc(text="A red square"))
paragraph = odf.text.P()
paragraph.addElement(frame)
written.text.addElement(paragraph)
rows = odf.table.Table()
head = odf.table.TableHeaderRows()
for place, cells in ((head, ("time", "shadow")), (rows, ("10:00", "48 cm"))):
    row = odf.table.TableRow()
    for text in cells:
        cell = odf.table.TableCell()
        cell.addElement(odf.text.P(text=text))
        row.addElement(cell)
    place.addElement(row)
    if place is head:
        rows.addElement(head)
written.text.addElement(rows)
written.save(open_document)
